<?php

declare(strict_types=1);

namespace App\Exchange\Repository;

use App\Account\User;
use App\Exchange\Api\ApiToken;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

use function Symfony\Component\Clock\now;

/** @extends ServiceEntityRepository<ApiToken> */
final class ApiTokenRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ApiToken::class);
    }

    public function withHash(string $hash): ?ApiToken
    {
        return $this->findOneBy(['hash' => $hash]);
    }

    /** Notes that it was used, once an hour: whether it still is, is what somebody wants to know. */
    public function wasUsed(ApiToken $token): void
    {
        if (null === $token->usedAt || $token->usedAt < now('-1 hour')) {
            $this->getEntityManager()->getConnection()
                ->executeStatement('UPDATE api_token SET used_at = now() WHERE id = ?', [(string) $token->id]);
        }
    }

    /**
     * @param User|null $person null: of all people
     *
     * @return list<ApiToken> those that still open something, newest first
     */
    public function open(?User $person): array
    {
        $query = $this->createQueryBuilder('t')->where('t.endedAt IS NULL AND t.until > :now')->setParameter('now', now())
            ->orderBy('t.id', 'DESC');
        if (null !== $person) {
            $query->andWhere('t.person = :person')->setParameter('person', $person);
        }

        /** @var list<ApiToken> */
        return $query->getQuery()->getResult();
    }
}
