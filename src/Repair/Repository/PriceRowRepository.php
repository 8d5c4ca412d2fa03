<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\Repository\FoundOfCase;
use App\Repair\PriceRow;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<PriceRow> */
final class PriceRowRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly FoundOfCase $found)
    {
        parent::__construct($registry, PriceRow::class);
    }

    /** @return list<PriceRow> in the order of the lists */
    public function ofFamily(string $family): array
    {
        return $this->found->once('prices', $family, fn (): array => $this->findBy(['family' => $family], ['id' => 'ASC']));
    }

    /** @return list<PriceRow> */
    public function byList(): array
    {
        return $this->findBy([], ['list' => 'ASC', 'family' => 'ASC', 'part' => 'ASC']);
    }

    /** @return int how many rows it had */
    public function drop(string $list): int
    {
        return (int) $this->createQueryBuilder('p')->delete()->where('p.list = :list')->setParameter('list', $list)->getQuery()->execute();
    }
}
