<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Repair\Fitted\FittedPart;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends OfCaseRepository<FittedPart> */
final class FittedPartRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, FittedPart::class);
    }

    public function one(CaseFile $case, string $id): ?FittedPart
    {
        return Uuid::isValid($id) ? $this->findOneBy(['case' => $case, 'id' => $id]) : null;
    }

    /** @return list<FittedPart> of that batch or date code, wherever they are */
    public function marked(string $mark): array
    {
        /** @var list<FittedPart> $fitted */
        $fitted = $this->createQueryBuilder('f')->addSelect('c', 'a')->join('f.case', 'c')->leftJoin('c.arrival', 'a')
            ->where('LOWER(f.batch) = :mark OR (f.batch = :none AND LOWER(f.dateCode) = :mark)')
            ->setParameter('mark', mb_strtolower($mark))->setParameter('none', '')->orderBy('c.customer')->addOrderBy('f.id')
            ->getQuery()->getResult();

        return $fitted;
    }
}
