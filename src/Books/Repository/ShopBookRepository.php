<?php

declare(strict_types=1);

namespace App\Books\Repository;

use App\Books\ShopBook;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShopBook> */
final class ShopBookRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShopBook::class);
    }

    /** @return list<ShopBook> the version in force */
    public function inForce(string $book): array
    {
        return $this->findBy(['book' => $book, 'endedAt' => null]);
    }

    /** Another text whenever a book is written or taken out of force. */
    public function state(): string
    {
        return implode(' ', (array) $this->getEntityManager()->getConnection()->fetchNumeric(
            'SELECT count(*), count(*) FILTER (WHERE ended_at IS NULL) FROM shop_book',
        ));
    }
}
