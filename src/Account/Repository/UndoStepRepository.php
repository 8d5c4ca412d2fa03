<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\Undo\UndoStep;
use App\Account\User;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<UndoStep> */
final class UndoStepRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, UndoStep::class);
    }

    /** The last that this person did in the case since then and has not taken back. */
    public function lastOf(Uuid $case, User $who, \DateTimeImmutable $since): ?UndoStep
    {
        /** @var UndoStep|null $step */
        $step = $this->createQueryBuilder('s')->where('s.caseId = :case')->andWhere('s.byPerson = :who')
            ->andWhere('s.madeAt >= :since')->andWhere('s.undoneAt IS NULL')
            ->orderBy('s.id', 'DESC')->setMaxResults(1)
            ->setParameter('case', $case, 'uuid')->setParameter('who', $who)->setParameter('since', $since, 'datetimetz_immutable')
            ->getQuery()->getOneOrNullResult();

        return $step;
    }

    /** @return list<UndoStep> what was done in the case after a step and stands, the oldest first */
    public function standingAfter(UndoStep $step): array
    {
        /** @var list<UndoStep> $steps */
        $steps = $this->createQueryBuilder('s')->where('s.caseId = :case')->andWhere('s.id > :step')->andWhere('s.undoneAt IS NULL')
            ->orderBy('s.id', 'ASC')
            ->setParameter('case', $step->caseId, 'uuid')->setParameter('step', $step->id, 'uuid')
            ->getQuery()->getResult();

        return $steps;
    }

    /** @return list<UndoStep> the newest first */
    public function ofCase(Uuid $case, int $most): array
    {
        return $this->findBy(['caseId' => $case], ['id' => 'DESC'], $most);
    }
}
