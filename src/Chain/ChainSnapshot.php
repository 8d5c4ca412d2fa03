<?php

declare(strict_types=1);

namespace App\Chain;

use App\Chain\Repository\RefusalRepository;
use App\Chain\Repository\TheoryRepository;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;

/** The analyst's chain: each node with the finding or complaint that it stands for, each link with its ends. */
final readonly class ChainSnapshot implements SnapshotPart
{
    public function __construct(private CaseChain $chains, private TheoryRepository $theories, private RefusalRepository $refusals)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return [
            'nodes' => Plain::all($this->chains->nodes($case)),
            'links' => Plain::all($this->chains->links($case)),
            'theories' => Plain::all($this->theories->ofCase($case)),
            'refusals' => Plain::all($this->refusals->ofCase($case)),
        ];
    }
}
