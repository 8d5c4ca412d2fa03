<?php

declare(strict_types=1);

namespace App\Proof;

use App\Proof\Repository\HandoverRepository;
use App\Repair\OwnRecord;
use Japhrex\Core\Repair\RepairRun;

use function Symfony\Component\Clock\now;

/** Repairs that went out, and which of them came back: by the cases that name them as the earlier one. */
final readonly class WentOut implements OwnRecord
{
    public function __construct(private HandoverRepository $handovers)
    {
    }

    public function runs(string $family): array
    {
        $now = now();

        return array_map(
            static fn (GoneRepair $row): RepairRun => new RepairRun(
                (($row->back ?? $now)->getTimestamp() - $row->gone->getTimestamp()) / 86400,
                null !== $row->back,
            ),
            $this->handovers->gone($family),
        );
    }
}
