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
        return ['steps' => Plain::all($this->steps->ofCase($case))];
    }
}
