<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Measuring\Reading;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Reading> */
final class ReadingRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Reading::class);
    }

    /** @return list<Reading> of a part, in other cases of the same maker and model; none where nobody has said which it is */
    public function ofModelBesides(CaseFile $case, string $part): array
    {
        if ('' === trim($case->model)) {
            return [];
        }
        /** @var list<Reading> $readings */
        $readings = $this->createQueryBuilder('r')->join('r.case', 'c')->leftJoin('c.arrival', 'a')->addSelect('c', 'a')
            ->where('c.family = :family AND c.maker = :maker AND c.model = :model AND c.id <> :case AND c.withdrawnAt IS NULL')
            ->andWhere('r.part = :part')
            ->setParameter('family', $case->family)->setParameter('maker', $case->maker)->setParameter('model', $case->model)
            ->setParameter('case', $case->id, 'uuid')->setParameter('part', $part)
            ->orderBy('r.id', 'DESC')->setMaxResults(200)->getQuery()->getResult();

        return $readings;
    }

    public function ofField(CaseFile $case, string $part, string $field): ?Reading
    {
        return $this->findOneBy(['case' => $case, 'part' => $part, 'field' => $field]);
    }
}
