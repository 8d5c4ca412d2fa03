<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Laboratory\Repository\LabOrderRepository;
use App\Platform\Plain;
use Japhrex\Core\Laboratory\LabVerdict;

/** What others looked into; cases in which nothing was sent anywhere have no word of it. */
final readonly class LabSnapshot implements SnapshotPart
{
    public function __construct(private LabOrderRepository $orders, private Analysed $analysed)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        $orders = array_map(fn (LabOrder $one): array => Plain::of($one) + ['judged' => array_map(
            static fn (LabVerdict $verdict): array => [
                'what' => $verdict->analyte->key, 'is' => $verdict->state->value, 'says' => $verdict->says,
            ],
            $this->analysed->verdicts($one),
        )], $this->orders->ofCase($case));

        return [] === $orders ? [] : ['laboratory' => $orders];
    }
}
