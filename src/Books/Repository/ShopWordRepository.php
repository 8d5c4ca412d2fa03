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

    /** Another text whenever a word changes. */
    public function state(): string
    {
        $words = $this->createQueryBuilder('w')->select('w.family, w.part, w.word')->orderBy('w.id')->getQuery()->getArrayResult();

        return md5(serialize($words));
    }
}
