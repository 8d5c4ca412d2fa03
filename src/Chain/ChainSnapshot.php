<?php

declare(strict_types=1);

namespace App\Chain;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Doctrine\ORM\EntityManagerInterface;

/** The analyst's chain: each node with the finding or complaint that it stands for, each link with its ends. */
final readonly class ChainSnapshot implements SnapshotPart
{
    public function __construct(private EntityManagerInterface $em, private CaseChain $chains)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return [
            'nodes' => Plain::all($this->chains->nodes($case)),
            'links' => Plain::all($this->chains->links($case)),
            'theories' => Plain::all($this->em->getRepository(Theory::class)->findBy(['case' => $case], ['id' => 'ASC'])),
            'refusals' => Plain::all($this->em->getRepository(Refusal::class)->findBy(['case' => $case], ['id' => 'ASC'])),
        ];
    }
}
