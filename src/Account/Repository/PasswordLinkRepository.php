<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\People\PasswordLink;
use App\Account\User;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<PasswordLink> */
final class PasswordLinkRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PasswordLink::class);
    }

    public function withHash(string $hash): ?PasswordLink
    {
        return $this->findOneBy(['hash' => $hash]);
    }

    /** @return list<PasswordLink> of a person that nobody has used, whether they still hold or not */
    public function unused(User $person): array
    {
        return $this->findBy(['person' => $person, 'usedAt' => null]);
    }

    /**
     * Uses the link for good, of two who open it at once for one of them.
     *
     * @return bool whether it was still unused
     */
    public function use(PasswordLink $link, \DateTimeImmutable $now): bool
    {
        return 1 === $this->createQueryBuilder('l')->update()->set('l.usedAt', ':now')
            ->where('l = :link')->andWhere('l.usedAt IS NULL')->setParameter('now', $now, 'datetimetz_immutable')
            ->setParameter('link', $link->id, 'uuid')->getQuery()->execute();
    }
}
