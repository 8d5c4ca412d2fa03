<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Intake\CaseFile;
use App\Laboratory\Repository\LabOrderRepository;
use Japhrex\Core\Laboratory\Laboratory;
use Japhrex\Core\Laboratory\LabVerdict;

/** What laboratories have answered in a case, judged. */
final readonly class Analysed
{
    public function __construct(private LabOrderRepository $orders, private LabShelf $shelf)
    {
    }

    /** @return list<LabVerdict> of one order */
    public function verdicts(LabOrder $order): array
    {
        return $this->shelf->laboratory()->judge($order->values, $order->new);
    }

    /** @return array<string, bool> what the fluid is said to be by them, as the engine knows it; the last that speaks counts */
    public function saysOf(CaseFile $case): array
    {
        $says = [];
        foreach ($this->orders->ofCase($case) as $order) {
            if (LabKind::Fluid === $order->kind) {
                $says = Laboratory::saysOf($this->verdicts($order)) + $says;
            }
        }

        return $says;
    }

    /** @return array<string, string> values of an order that no analyte is known for, as the laboratory calls them */
    public function others(LabOrder $order): array
    {
        return array_diff_key($order->values, $this->shelf->laboratory()->analytes);
    }
}
