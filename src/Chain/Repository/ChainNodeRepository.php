<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Chain\NodeKind;

/** @extends OfCaseRepository<ChainNode> */
final class ChainNodeRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ChainNode::class);
    }

    /** @return list<ChainNode> as they stand in the chain */
    public function ofCase(CaseFile $case): array
    {
        $nodes = parent::ofCase($case);
        usort($nodes, static fn (ChainNode $a, ChainNode $b): int => $a->order <=> $b->order);

        return $nodes;
    }

    /** @return list<ChainNode> of damage that no finding shows yet */
    public function unseenDamage(CaseFile $case): array
    {
        return $this->findBy(['case' => $case, 'kind' => NodeKind::Damage, 'finding' => null]);
    }

    public function ofComplaint(Complaint $complaint): ?ChainNode
    {
        return $this->findOneBy(['complaint' => $complaint], ['id' => 'ASC']);
    }

    public function ofFinding(Finding $finding): ?ChainNode
    {
        return $this->findOneBy(['finding' => $finding]);
    }
}
