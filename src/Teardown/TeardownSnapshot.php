<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use App\Teardown\Repository\StepRecordRepository;

final readonly class TeardownSnapshot implements SnapshotPart
{
    public function __construct(private StepRecordRepository $steps)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return ['steps' => array_map(
            // Steps that were signed before older marks were asked for have no word of them.
            static fn (StepRecord $one): array => Plain::of($one, '' === $one->olderMarks ? ['olderMarks'] : []),
            array_values($this->steps->ofCase($case)),
        )];
    }
}
