<?php

declare(strict_types=1);

namespace App\Claims\Repository;

use App\Claims\Claim;
use App\Claims\ClaimPapers;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ClaimPapers> */
final class ClaimPapersRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ClaimPapers::class);
    }

    /** @return list<ClaimPapers> */
    public function newestFirst(Claim $claim, int $most): array
    {
        return $this->findBy(['claim' => $claim], ['id' => 'DESC'], $most);
    }
}
