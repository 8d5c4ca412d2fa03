<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Proof\Live\LiveLot;
use App\Proof\Live\LiveRun;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<LiveLot> */
final class LiveLotRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, LiveLot::class);
    }

    public function last(LiveRun $run): ?LiveLot
    {
        return $this->findOneBy(['run' => $run], ['number' => 'DESC']);
    }

    /** @return iterable<array<mixed>> the points of each lot, one lot at a time */
    public function points(LiveRun $run): iterable
    {
        foreach ($this->inOrder($run, 'l.points') as $lot) {
            yield \is_array($lot['points'] ?? null) ? $lot['points'] : [];
        }
    }

    /** @return iterable<string> the rows of each lot as they came, one lot at a time */
    public function lines(LiveRun $run): iterable
    {
        foreach ($this->inOrder($run, 'l.lines') as $lot) {
            yield \is_string($lot['lines'] ?? null) ? $lot['lines'] : '';
        }
    }

    /** @return iterable<array<mixed>> */
    private function inOrder(LiveRun $run, string $what): iterable
    {
        /** @var iterable<array<mixed>> $lots */
        $lots = $this->createQueryBuilder('l')->select($what)->where('l.run = :run')->orderBy('l.number')
            ->setParameter('run', $run)->getQuery()->toIterable();

        return $lots;
    }
}
