<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Chain\NodeKind;

/** @extends ServiceEntityRepository<ChainNode> */
final class ChainNodeRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ChainNode::class);
    }

    /** @return list<ChainNode> as they stand in the chain */
    public function ofCase(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['order' => 'ASC', 'id' => 'ASC']);
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

    /** @return list<ChainNode> origins of signed cases of the family */
    public function signedOrigins(CaseFile $besides): array
    {
        /** @var list<ChainNode> $origins */
        $origins = $this->createQueryBuilder('n')->join('n.case', 'c')->where('n.kind = :origin')->andWhere('n.origin IS NOT NULL')
            ->andWhere('c.family = :family')->andWhere('c.signedAt IS NOT NULL')->andWhere('c != :case')->orderBy('n.id')
            ->setParameter(
                'origin',
                NodeKind::Origin,
            )->setParameter('family', $besides->family)->setParameter('case', $besides)->getQuery()->getResult();

        return $origins;
    }
}
