<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Evidence\Finding;
use App\Evidence\Judgement;
use App\Evidence\PhotoPair;
use App\Evidence\RecordFinding;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Lessons\Form\LessonInput;
use App\Lessons\Lessons;
use App\Measuring\FeltSize;
use App\Measuring\PlayWay;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Memory\LessonAt;
use Japhrex\Core\Memory\LessonFor;

use function Symfony\Component\Clock\now;

/**
 * What hands of the demo guess, what is judged anew, what a colleague sees otherwise, which pictures stand side by side.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoJudgements
{
    use DemoRows;

    public function __construct(
        private RecordFinding $record,
        private PhotoRepository $photos,
        private DemoHands $hands,
        private EntityManagerInterface $entityManager,
        private Lessons $lessons,
    ) {
    }

    /**
     * What was read up, to which somebody else agreed.
     *
     * @param list<Row> $rows
     */
    public function readUp(CaseFile $case, array $rows, User $who, User $agrees): void
    {
        foreach ($rows as $one) {
            $note = $this->lessons->keep($case, new LessonInput(
                LessonAt::Mode,
                LessonFor::Every,
                self::word($one, 'mode'),
                self::word($one, 'words'),
                self::word($one, 'source'),
            ), $who);
            $this->lessons->agree((string) $note->id, $agrees);
        }
    }

    /** @param Row $row */
    public function feel(CaseFile $case, array $row, User $who): void
    {
        foreach (self::rows($row, 'felt') as $one) {
            $this->entityManager->persist(new FeltSize(
                $case,
                self::word($one, 'part'),
                self::word($one, 'field'),
                self::word($one, 'guess'),
                PlayWay::tryFrom(self::word($one, 'way')),
                isset($one['against-a-good-one']),
                $who,
            ));
        }
        foreach (self::rows($row, 'pairs') as $one) {
            $left = $this->photos->best($case, self::word($one, 'left'));
            $right = $this->photos->best($case, self::word($one, 'right'));
            if (null === $left || null === $right) {
                throw new \LogicException("A pair of case {$case->number} of the demo wants a picture that is not there.");
            }
            $this->entityManager->persist(new PhotoPair($case, $left, $right, self::word($one, 'words'), $who));
        }
        $this->entityManager->flush();
    }

    /**
     * @param Row $row
     * @param array<string, Finding> $findings
     */
    public function again(array $row, array $findings, User $who, User $other): void
    {
        foreach (self::row($row, 'anew') as $key => $one) {
            $finding = $findings[$key];
            $was = $finding->judgement($finding->madeAt);
            self::fill($finding, \is_array($one) ? array_diff_key($one, ['because' => '']) : []);
            $this->hands->wait('15 minutes');
            ($this->record)($finding, $who, was: $was, because: self::word((array) $one, 'because'));
        }
        foreach (self::row($row, 'otherwise') as $key => $one) {
            $grade = (int) self::word((array) $one, 'grade');
            $findings[$key]->otherwise(new Judgement(
                $other->signsAs(),
                now(),
                0 === $grade ? FindingKind::Normal : FindingKind::Damage,
                0 === $grade ? null : $findings[$key]->mode,
                $grade,
                self::word((array) $one, 'because'),
            ));
        }
        $this->entityManager->flush();
    }
}
