<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\FoundOfCase;
use App\Verdict\Verdict;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Verdict> */
final class VerdictRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly FoundOfCase $found)
    {
        parent::__construct($registry, Verdict::class);
    }

    /** @return list<Verdict> the newest first */
    public function revisions(CaseFile $case): array
    {
        return $this->found->once('verdicts', $case, fn (): array => $this->findBy(['case' => $case], ['revision' => 'DESC']));
    }

    public function last(CaseFile $case): ?Verdict
    {
        return $this->revisions($case)[0] ?? null;
    }
}
