<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Identity\FittedNumber;
use App\Identity\Inquiry;
use App\Identity\KeepFeatures;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;

/**
 * By what the demo tells its units from others.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoIdentity
{
    use DemoRows;

    public function __construct(private KeepFeatures $keep, private EntityManagerInterface $entityManager)
    {
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
    }
}
