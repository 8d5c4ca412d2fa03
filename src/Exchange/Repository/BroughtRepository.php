<?php

declare(strict_types=1);

namespace App\Exchange\Repository;

use App\Exchange\Brought\Brought;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Brought> */
final class BroughtRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Brought::class);
    }

    public function withDigest(string $digest): ?Brought
    {
        return $this->findOneBy(['digest' => $digest]);
    }

    /** @return list<Brought> */
    public function withSerial(string $key): array
    {
        return '' === $key ? [] : $this->findBy(['serialKey' => $key], ['id' => 'DESC'], 5);
    }

    /**
     * @param string $words part of a number, shop, unit or serial; empty: all
     *
     * @return list<Brought> newest first
     */
    public function having(string $words, int $from, int $most): array
    {
        $query = $this->createQueryBuilder('b')->orderBy('b.id', 'DESC')->setFirstResult($from)->setMaxResults($most);
        if ('' !== $words) {
            $query->where('lower(concat(b.number, \' \', b.from, \' \', b.unit, \' \', b.serial)) LIKE :words')
                ->setParameter('words', '%'.addcslashes(mb_strtolower($words), '%_\\').'%');
        }

        /** @var list<Brought> */
        return $query->getQuery()->getResult();
    }

    /** @return iterable<Brought> all of them, one at a time */
    public function each(): iterable
    {
        /** @var iterable<Brought> */
        return $this->createQueryBuilder('b')->orderBy('b.id')->getQuery()->toIterable();
    }
}
