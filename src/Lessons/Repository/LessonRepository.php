<?php

declare(strict_types=1);

namespace App\Lessons\Repository;

use App\Lessons\Lesson;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Lesson> */
final class LessonRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Lesson::class);
    }

    /** @return list<Lesson> of a family that are agreed to and not retired, with their cases and pictures */
    public function inForce(string $family): array
    {
        /** @var list<Lesson> $lessons */
        $lessons = $this->createQueryBuilder('l')->addSelect('c', 'p')->join('l.case', 'c')->leftJoin('l.photo', 'p')
            ->where('l.family = :family AND l.agreedAt IS NOT NULL AND l.retiredAt IS NULL')
            ->setParameter('family', $family)->orderBy('l.id', 'ASC')->getQuery()->getResult();

        return $lessons;
    }

    /** @return list<Lesson> the newest first */
    public function newestFirst(): array
    {
        return $this->findBy([], ['id' => 'DESC']);
    }
}
