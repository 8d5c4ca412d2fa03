<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Evidence\ContentCheck;
use App\Evidence\RateContent;
use App\Evidence\StackPiece;
use App\Identity\FittedNumber;
use App\Identity\Inquiry;
use App\Identity\KeepFeatures;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\DutyRating;

/**
 * By what the demo tells its units from others, and what earlier hands left in them.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoIdentity
{
    use DemoRows;

    public function __construct(
        private KeepFeatures $keep,
        private RateContent $rate,
        private EntityManagerInterface $entityManager,
    ) {
    }

    /** @param Row $row */
    public function tell(CaseFile $case, array $row, User $who): void
    {
        $seen = self::row($row, 'seen');
        $typed = [];
        foreach (array_keys($seen) as $key) {
            $typed[$key] = self::word($seen, $key);
        }
        $wrong = ($this->keep)($case, $typed, $who);
        if ([] !== $wrong) {
            throw new \LogicException(implode(' ', $wrong));
        }
        foreach (self::row($row, 'variants') as $choice => $one) {
            $chosen = \is_array($one) ? $one : [];
            $case->isVariant($choice, self::word($chosen, 'is'), self::word($chosen, 'because'));
        }
        foreach (self::rows($row, 'asked') as $one) {
            $inquiry = new Inquiry($case, self::word($one, 'of'), self::word($one, 'what'), $who);
            $inquiry->answered(self::word($one, 'answer'));
            $this->entityManager->persist($inquiry);
        }
        foreach (self::rows($row, 'numbers') as $one) {
            $this->entityManager->persist(
                new FittedNumber($case, self::word($one, 'part'), self::word($one, 'number'), self::word($one, 'supplier'), $who),
            );
        }
        $this->entityManager->flush();
        $this->inside($case, $row, $who);
    }

    /** @param Row $row */
    private function inside(CaseFile $case, array $row, User $who): void
    {
        foreach (self::rows($row, 'contents') as $one) {
            $check = new ContentCheck($case, self::word($one, 'part'), self::word($one, 'what'));
            ($this->rate)($check, '', self::word($one, 'found'), DutyRating::from(self::word($one, 'rated')), $who);
        }
        foreach (array_keys(self::row($row, 'stacks')) as $part) {
            foreach (self::rows(self::row($row, 'stacks'), $part) as $i => $one) {
                $this->entityManager->persist(new StackPiece(
                    $case, $part, $i + 1, self::word($one, 'what'), self::word($one, 'place'), self::word($one, 'colour'),
                    self::word($one, 'thickness'), $who,
                ));
            }
        }
        $this->entityManager->flush();
    }
}
