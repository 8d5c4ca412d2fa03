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

    public function between(?ChainNode $from, ?ChainNode $to): ?ChainLink
    {
        return $this->findOneBy(['from' => $from, 'to' => $to]);
    }
}
