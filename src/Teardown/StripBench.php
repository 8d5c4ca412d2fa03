<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Intake\CaseFile;
use App\Teardown\Repository\StepRecordRepository;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Teardown\StripRun;

/** The strip run of a case. */
final readonly class StripBench
{
    public function __construct(private StepRecordRepository $steps)
    {
    }

    /** @return array<string, StepRecord> by step */
    public function records(CaseFile $case): array
    {
        $records = [];
        foreach ($this->steps->ofCase($case) as $record) {
            $records[$record->step] = $record;
        }

        return $records;
    }

    /**
     * The same for two devices that show the same state of the run.
     *
     * @param array<string, StepRecord> $records
     */
    public static function fingerprint(array $records): string
    {
        ksort($records);

        return hash(
            'xxh64',
            implode(
                ',',
                array_map(static fn (StepRecord $record): string => $record->step.$record->version.$record->state->value, $records),
            ),
        );
    }

    public function run(CaseFile $case, Book $book): StripRun
    {
        $records = $this->records($case);

        return new StripRun(
            $book,
            array_map(static fn (StepRecord $record) => $record->state, $records),
            array_map(static fn (StepRecord $record): array => $record->counted, $records),
            array_map(static fn (StepRecord $record): array => $record->searched, $records),
        );
    }
}
