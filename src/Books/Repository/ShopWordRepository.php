<?php

declare(strict_types=1);

namespace App\Books\Repository;

use App\Books\ShopWord;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShopWord> */
final class ShopWordRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShopWord::class);
    }

    public function ofPart(string $family, string $part): ?ShopWord
    {
        return $this->findOneBy(['family' => $family, 'part' => $part]);
    }
}
