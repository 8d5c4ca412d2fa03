<?php

declare(strict_types=1);

namespace App\Exchange\Repository;

use App\Exchange\Bag\BagOut;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<BagOut> */
final class BagOutRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, BagOut::class);
    }

    /** @return list<BagOut> */
    public function newestFirst(int $most): array
    {
        return $this->findBy([], ['id' => 'DESC'], $most);
    }
}
