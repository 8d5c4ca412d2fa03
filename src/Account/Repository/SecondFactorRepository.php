<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\Code\SecondFactor;
use App\Account\User;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<SecondFactor> */
final class SecondFactorRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SecondFactor::class);
    }

    public function of(User $person): ?SecondFactor
    {
        return $this->findOneBy(['person' => $person]);
    }

    /** @return list<string> ids of the people who have one */
    public function holders(): array
    {
        return array_map(static fn (SecondFactor $one): string => (string) $one->person->id, $this->findAll());
    }

    /**
     * Takes the code of a step, of two who send it at once from one of them.
     *
     * @return bool whether no code of it or of a later one was taken before
     */
    public function take(SecondFactor $factor, int $step): bool
    {
        return 1 === $this->createQueryBuilder('f')->update()->set('f.step', ':step')
            ->where('f = :factor')->andWhere('f.step < :step')->setParameter('step', $step)
            ->setParameter('factor', $factor->id, 'uuid')->getQuery()->execute();
    }
}
