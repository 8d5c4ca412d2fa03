<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;

/** Decisions that a limit speaks against and that no analyst has given a reason for. */
final readonly class OpenDecisions
{
    public function __construct(private PartLimits $bound, private PartRecordRepository $records)
    {
    }

    /** @return array<string, string> part => why its decision does not stand */
    public function openIn(CaseFile $case): array
    {
        $bound = $this->bound->boundOf($case);
        $open = [];
        foreach ($this->records->ofCase($case) as $record) {
            $open[$record->part] = isset($bound[$record->part]) ? $record->against($bound[$record->part]) : null;
        }

        return array_filter($open, static fn (?string $why): bool => null !== $why);
    }
}
