<?php

declare(strict_types=1);

namespace App\Identity\Repository;

use App\Identity\FittedNumber;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<FittedNumber> */
final class FittedNumberRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, FittedNumber::class);
    }

    /** @return list<FittedNumber> what fitted the same unit, or another of its maker and model, before */
    public function ofLikeUnits(CaseFile $case): array
    {
        $query = $this->createQueryBuilder('n')->join('n.case', 'c')->addSelect('c')
            ->where('c.family = :family AND c.id <> :case AND c.withdrawnAt IS NULL')
            ->andWhere(
                '(c.serialKey <> :nothing AND c.serialKey = :serial) '
                    .'OR (c.model <> :nothing AND c.maker = :maker AND c.model = :model)',
            )
            ->setParameter('family', $case->family)->setParameter('case', $case->id, 'uuid')->setParameter('nothing', '')
            ->setParameter('serial', $case->serialKey)->setParameter('maker', $case->maker)->setParameter('model', $case->model)
            ->orderBy('n.id', 'DESC')->setMaxResults(40);
        /** @var list<FittedNumber> $numbers */
        $numbers = $query->getQuery()->getResult();

        return $numbers;
    }
}
