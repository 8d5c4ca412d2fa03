<?php

declare(strict_types=1);

namespace App\Repair\Fitted;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedBatch;
use App\Intake\Remember\Remembers;
use App\Repair\Repository\FittedPartRepository;

/** Batches that went into a unit, and those that it came back with. */
final readonly class FittedRemembers implements Remembers
{
    public function __construct(private FittedPartRepository $fitted)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        foreach ($this->fitted->ofCase($case) as $one) {
            $memory->batches[] = new RememberedBatch($one->part, $one->mark(), $one->supplier, had: false);
            $memory->text('fitted', $one->part.' '.$one->supplier.' '.$one->batch.' '.$one->dateCode);
        }
        foreach (null === $case->comebackOf ? [] : $this->fitted->ofCase($case->comebackOf) as $one) {
            $memory->batches[] = new RememberedBatch($one->part, $one->mark(), $one->supplier, had: true);
        }
    }
}
