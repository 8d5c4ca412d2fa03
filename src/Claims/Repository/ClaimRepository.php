<?php

declare(strict_types=1);

namespace App\Claims\Repository;

use App\Claims\Claim;
use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Claim> */
final class ClaimRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Claim::class);
    }

    /** @return list<Claim> by number */
    public function ofCase(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['ordinal' => 'ASC']);
    }

    public function numbered(CaseFile $case, int $ordinal): ?Claim
    {
        return $this->findOneBy(['case' => $case, 'ordinal' => $ordinal]);
    }

    /** @return list<Claim> in the order in which they were made */
    public function inOrder(): array
    {
        return $this->findBy([], ['id' => 'ASC']);
    }

    /** @return list<Claim> */
    public function newestFirst(int $most): array
    {
        return $this->findBy([], ['id' => 'DESC'], $most);
    }
}
