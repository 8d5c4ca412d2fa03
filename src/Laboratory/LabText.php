<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Intake\CaseFile;
use App\Laboratory\Repository\LabOrderRepository;

/** What a report says of what others looked into. */
final readonly class LabText
{
    public function __construct(private LabOrderRepository $orders, private Analysed $analysed)
    {
    }

    /** @return list<LabSaid> */
    public function of(CaseFile $case): array
    {
        return array_map(
            fn (LabOrder $one): LabSaid => new LabSaid($one, $this->analysed->verdicts($one), $this->analysed->others($one)),
            $this->orders->ofCase($case),
        );
    }
}
