<?php

declare(strict_types=1);

namespace App\Lessons\Repository;

use App\Intake\CaseFile;
use App\Lessons\Lesson;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Memory\LessonFor;

/** @extends ServiceEntityRepository<Lesson> */
final class LessonRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Lesson::class);
    }

    /** @return list<Lesson> not retired: of the case, of its family and of every family, with their cases and pictures */
    public function metIn(CaseFile $case): array
    {
        /** @var list<Lesson> $lessons */
        $lessons = $this->createQueryBuilder('l')->addSelect('c', 'p')->join('l.case', 'c')->leftJoin('l.photo', 'p')
            ->where('(l.family = :family OR l.for = :every) AND l.retiredAt IS NULL')
            ->setParameter('family', $case->family)->setParameter('every', LessonFor::Every)
            ->orderBy('l.id', 'ASC')->getQuery()->getResult();

        return $lessons;
    }

    /** @return list<Lesson> the newest first */
    public function newestFirst(): array
    {
        return $this->findBy([], ['id' => 'DESC']);
    }
}
