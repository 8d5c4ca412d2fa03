<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Intake\Repository\FoundOfCase;
use App\Proof\ProofLimit;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ProofLimit> */
final class ProofLimitRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly FoundOfCase $found)
    {
        parent::__construct($registry, ProofLimit::class);
    }

    /** @return list<ProofLimit> that are in force */
    public function ofFamily(string $family): array
    {
        return $this->found->once(
            'limits of the proof', $family, fn (): array => $this->findBy(['family' => $family, 'endedAt' => null], ['id' => 'ASC']),
        );
    }

    public function inForce(string $family, string $step, string $what): ?ProofLimit
    {
        return $this->findOneBy(['family' => $family, 'step' => $step, 'what' => $what, 'endedAt' => null]);
    }
}
