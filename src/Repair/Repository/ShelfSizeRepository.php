<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Repair\Shelf\ShelfSize;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShelfSize> */
final class ShelfSizeRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShelfSize::class);
    }

    /** @return list<ShelfSize> */
    public function ofFamily(string $family): array
    {
        return $this->findBy(['family' => $family], ['id' => 'ASC']);
    }
}
