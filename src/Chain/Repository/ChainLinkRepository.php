<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<ChainLink> */
final class ChainLinkRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ChainLink::class);
    }

    /** Does a condition lead straight to damage that somebody found? */
    public function leadsToAFind(ChainNode $node): bool
    {
        return 0 < (int) $this->createQueryBuilder('l')->select('COUNT(l.id)')->join('l.to', 'n')->where('l.from = :from')
            ->andWhere('n.finding IS NOT NULL')->setParameter('from', $node->id, 'uuid')->getQuery()->getSingleScalarResult();
    }

    public function between(?ChainNode $from, ?ChainNode $to): ?ChainLink
    {
        return $this->findOneBy(['from' => $from, 'to' => $to]);
    }
}
