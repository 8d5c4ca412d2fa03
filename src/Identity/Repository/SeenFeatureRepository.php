<?php

declare(strict_types=1);

namespace App\Identity\Repository;

use App\Identity\SeenFeature;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<SeenFeature> */
final class SeenFeatureRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SeenFeature::class);
    }

    /** @return list<SeenFeature> what other units of the family were measured to be, the latest last, where somebody has named them */
    public function ofNamedUnitsBesides(CaseFile $case): array
    {
        /** @var list<SeenFeature> $seen */
        $seen = $this->createQueryBuilder('s')->join('s.case', 'c')->leftJoin('c.arrival', 'a')->addSelect('c', 'a')
            ->where('c.family = :family AND c.id <> :case AND c.maker <> :nothing AND c.model <> :nothing')
            ->andWhere('c.withdrawnAt IS NULL')
            ->setParameter('family', $case->family)->setParameter('case', $case->id, 'uuid')->setParameter('nothing', '')
            ->orderBy('s.id', 'ASC')->getQuery()->getResult();

        return $seen;
    }
}
