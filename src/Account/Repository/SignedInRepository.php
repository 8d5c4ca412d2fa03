<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\LogIn\SignedIn;
use App\Account\User;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<SignedIn> */
final class SignedInRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SignedIn::class);
    }

    public function withHash(string $hash): ?SignedIn
    {
        return $this->findOneBy(['hash' => $hash]);
    }

    /** @return list<SignedIn> where a person is signed in, last seen first; sessions end by themselves after twelve hours */
    public function open(User $person, \DateTimeImmutable $now): array
    {
        /** @var list<SignedIn> */
        return $this->createQueryBuilder('s')->where('s.person = :person')->andWhere('s.endedAt IS NULL')
            ->andWhere('s.seenAt > :since')->orderBy('s.seenAt', 'DESC')->setParameter('person', $person->id, 'uuid')
            ->setParameter('since', $now->modify('-12 hours'), 'datetimetz_immutable')->getQuery()->getResult();
    }

    /**
     * Who is signed in by the key of a session, and nobody where that was ended or the person may not enter any more. One question a
     * request.
     *
     * @return array{User, \DateTimeImmutable}|null the person, and when the session was last seen
     */
    public function whoHolds(string $hash): ?array
    {
        $open = $this->createQueryBuilder('s')->addSelect('p')->join('s.person', 'p')->where('s.hash = :hash')
            ->andWhere('s.endedAt IS NULL')->andWhere('p.disabledAt IS NULL')->setParameter('hash', $hash)
            ->getQuery()->getOneOrNullResult();

        return $open instanceof SignedIn ? [$open->person, $open->seenAt] : null;
    }

    public function seen(string $hash, \DateTimeImmutable $now): void
    {
        $this->createQueryBuilder('s')->update()->set('s.seenAt', ':now')->where('s.hash = :hash')->setParameter('hash', $hash)
            ->setParameter('now', $now, 'datetimetz_immutable')->getQuery()->execute();
    }

    /** Ends all of a person but one. */
    public function endAll(User $person, \DateTimeImmutable $now, string $butHash = ''): void
    {
        $this->createQueryBuilder('s')->update()->set('s.endedAt', ':now')->where('s.person = :person')
            ->andWhere('s.endedAt IS NULL')->andWhere('s.hash <> :but')->setParameter('person', $person->id, 'uuid')
            ->setParameter('but', $butHash)->setParameter('now', $now, 'datetimetz_immutable')->getQuery()->execute();
    }
}
