<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Teardown\Repository\StepRecordRepository;
use Japhrex\Core\Family\BuildSetting;
use Japhrex\Core\Family\Fasteners;

/** The fasteners of a unit, joint by joint: what belongs where, how they came off, and how they went back. */
final readonly class FastenerMap
{
    public function __construct(private BookShelf $shelf, private StepRecordRepository $strip)
    {
    }

    /**
     * @param list<BuildRow> $sheet
     *
     * @return list<FastenerRow>
     */
    public function of(CaseFile $case, array $sheet): array
    {
        $upkeep = $this->shelf->book($case->family, $case->is())->upkeep->of($case->is());
        $off = [];
        foreach ($this->strip->ofCase($case) as $record) {
            $off[$record->step] = trim(implode(', ', array_filter([$record->fasteners?->label(), $record->fastenerNote])));
        }

        return array_values(array_map(static function (Fasteners $one) use ($upkeep, $off, $sheet): FastenerRow {
            $torques = array_filter($upkeep->settings, static fn (BuildSetting $set): bool => $set->fastens === $one->key);
            $torque = array_values($torques)[0] ?? null;
            $rows = array_filter($sheet, static fn (BuildRow $row): bool => $row->step->screws?->key === $one->key);
            $records = array_values($rows)[0]->records ?? [];
            $last = [] === $records ? [] : $records[\count($records) - 1]->typed;

            return new FastenerRow(
                $one,
                $torque->value ?? '',
                $off[$one->step] ?? '',
                \is_string($last['torque'] ?? null) ? $last['torque'] : '',
                \is_string($last['broke'] ?? null) ? $last['broke'] : '',
                isset($last['fresh']) ? 'all' : (\is_string($last['renewed'] ?? null) ? $last['renewed'] : ''),
            );
        }, $upkeep->fasteners));
    }
}
