<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\Role;
use App\Account\User;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<User> */
final class UserRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, User::class);
    }

    public function named(string $username): ?User
    {
        return $this->findOneBy(['username' => $username]);
    }

    /** Whose mail that is; null: nobody's, or that of several. */
    public function withMail(string $mail): ?User
    {
        /** @var list<User> $found */
        $found = $this->createQueryBuilder('p')->where('lower(p.mail) = :mail')->setParameter('mail', mb_strtolower($mail))
            ->setMaxResults(2)->getQuery()->getResult();

        return 1 === \count($found) ? $found[0] : null;
    }

    /** Somebody who may enter, as stored now. */
    public function who(Uuid $id): ?User
    {
        return $this->findOneBy(['id' => $id, 'disabledAt' => null]);
    }

    /** @return list<User> who may enter first, by name */
    public function byName(): array
    {
        /** @var list<User> */
        return $this->createQueryBuilder('p')->addSelect('CASE WHEN p.disabledAt IS NULL THEN 0 ELSE 1 END AS HIDDEN gone')
            ->orderBy('gone')->addOrderBy('p.name')->getQuery()->getResult();
    }

    /** Whether an analyst who may enter is left beside this one: without one nobody can let people in. */
    public function hasAnotherAnalyst(User $but): bool
    {
        return 0 < (int) $this->createQueryBuilder('p')->select('count(p)')->where('p.role = :role')
            ->andWhere('p.disabledAt IS NULL')->andWhere('p <> :but')->setParameter('role', Role::Analyst)
            ->setParameter('but', $but->id, 'uuid')->getQuery()->getSingleScalarResult();
    }
}
