<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Intake\CaseFile;
use App\Laboratory\Repository\LabOrderRepository;
use Japhrex\Core\Laboratory\LabVerdict;

/** What a report says of what others looked into. */
final readonly class LabText
{
    public function __construct(private LabOrderRepository $orders, private Analysed $analysed)
    {
    }

    /** @return list<array{order: LabOrder, verdicts: list<LabVerdict>, others: array<string, string>}> */
    public function of(CaseFile $case): array
    {
        return array_map(fn (LabOrder $one): array => [
            'order' => $one, 'verdicts' => $this->analysed->verdicts($one), 'others' => $this->analysed->others($one),
        ], $this->orders->ofCase($case));
    }
}
