<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Account\User;
use App\Memory\Ask\SavedAsk;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<SavedAsk> */
final class SavedAskRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SavedAsk::class);
    }

    /** @return list<SavedAsk> their own, then the shop's */
    public function for(User $who): array
    {
        /** @var list<SavedAsk> $asks */
        $asks = $this->createQueryBuilder('a')->where('a.owner = :who OR a.owner IS NULL')->setParameter('who', $who->id, 'uuid')
            ->orderBy('CASE WHEN a.owner IS NULL THEN 1 ELSE 0 END')->addOrderBy('a.name')->getQuery()->getResult();

        return $asks;
    }

    public function one(string $id): ?SavedAsk
    {
        return Uuid::isValid($id) ? $this->find($id) : null;
    }
}
