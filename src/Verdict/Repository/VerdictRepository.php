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
        return $this->found->once('verdicts', $case, fn (): array => $this->withAnswers($case));
    }

    /** @return list<Verdict> */
    private function withAnswers(CaseFile $case): array
    {
        /** @var list<Verdict> $verdicts */
        $verdicts = $this->createQueryBuilder('v')->addSelect('o')->leftJoin('v.own', 'o')->where('v.case = :case')
            ->orderBy('v.revision', 'DESC')->addOrderBy('o.id', 'ASC')->setParameter('case', $case->id, 'uuid')
            ->getQuery()->getResult();

        return $verdicts;
    }

    public function last(CaseFile $case): ?Verdict
    {
        return $this->revisions($case)[0] ?? null;
    }
}
