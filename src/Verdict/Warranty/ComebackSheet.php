<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Books\BookShelf;
use App\Chain\Cleaning;
use App\Chain\Engine\CaseAnalysis;
use App\Chain\Repository\CleaningRepository;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Teardown\Repository\StepRecordRepository;
use App\Teardown\StepRecord;
use App\Verdict\Repository\VerdictRepository;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Verdict\Comeback as Differences;

/** The records of the earlier repair beside this case. */
final readonly class ComebackSheet
{
    public function __construct(
        private BookShelf $shelf,
        private CaseAnalysis $engine,
        private StepRecordRepository $steps,
        private VerdictRepository $verdicts,
        private FindingRepository $findings,
        private PartRecordRepository $records,
        private CleaningRepository $cleanings,
    ) {
    }

    /** Null: it is no comeback. */
    public function compare(CaseFile $case): ?Comeback
    {
        $earlier = $case->comebackOf;
        if (null === $earlier) {
            return null;
        }
        $book = $this->shelf->book($case->family, $case->is());
        [$then, $now, $became] = [$this->grades($earlier), $this->grades($case), $this->became($earlier)];
        $rows = [];
        foreach ($book->partsAndNeighbours() as $part) {
            if (($then[$part->key] ?? 0) > 0 || ($now[$part->key] ?? 0) > 0) {
                $rows[] = new ComebackRow(
                    $part->key,
                    $then[$part->key] ?? null,
                    $became[$part->key] ?? null,
                    $now[$part->key] ?? null,
                );
            }
        }
        $minutes = array_sum(array_map(static fn (StepRecord $step): int => $step->minutes ?? 0, $this->steps->ofCase($case)));

        return new Comeback(
            $this->verdicts->last($earlier),
            $rows,
            Differences::notDealtWith($then, $became, $now, $earlier->family === $case->family ? $this->uncleaned($earlier) : []),
            $minutes,
        );
    }

    /** @return array<string, int> part => worst grade */
    private function grades(CaseFile $case): array
    {
        $grades = [];
        foreach (array_filter($this->findings->ofCase($case), static fn (Finding $one): bool => $one->kind->isLook()) as $one) {
            $grades[$one->part] = max($grades[$one->part] ?? 0, FindingKind::Damage === $one->kind ? $one->grade : 0);
        }

        return $grades;
    }

    /** @return array<string, Disposition> */
    private function became(CaseFile $case): array
    {
        $became = [];
        foreach ($this->records->ofCase($case) as $one) {
            if (null !== $one->disposition) {
                $became[$one->part] = $one->disposition;
            }
        }

        return $became;
    }

    /** @return list<string> */
    private function uncleaned(CaseFile $case): array
    {
        $reached = array_column($this->engine->reach($case), 'part');
        $done = array_map(static fn (Cleaning $one): string => $one->part, $this->cleanings->ofCase($case));

        return array_values(array_diff($reached, $done));
    }
}
