<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Intake\Repository\CaseFileRepository;
use Japhrex\Core\Damage\Disposition;

/** Parts that went back in for one more run the last time this serial was here: they ask for themselves again. */
final readonly class CarriedDecisions
{
    public function __construct(
        private CaseFileRepository $cases,
        private PartRecordRepository $records,
        private KeptOfCase $kept,
    ) {
    }

    /** @return array<string, PartRecord> by part; only where the last decision on the part was one more run */
    public function carriedInto(CaseFile $case): array
    {
        $ids = $this->kept->of($case, 'carried into it', fn (): array => array_values(array_map(
            static fn (PartRecord $record): string => (string) $record->id,
            $this->ofEarlier($case),
        )));

        // Into most cases nothing is: then nothing is asked for.
        return [] === $ids ? [] : $this->records->withIds($ids);
    }

    /** @return array<string, PartRecord> */
    private function ofEarlier(CaseFile $case): array
    {
        $last = [];
        foreach ($this->cases->earlier($case->serial, $case) as $before) {
            foreach ($this->records->ofCase($before) as $record) {
                if (null !== $record->disposition) {
                    $last[$record->part] ??= $record;
                }
            }
        }

        return array_filter($last, static fn (PartRecord $record): bool => Disposition::OneMoreRun === $record->disposition);
    }
}
