<?php

declare(strict_types=1);

namespace App\Claims\Repository;

use App\Claims\Claim;
use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Verdict\Claim\ClaimState;

/** @extends ServiceEntityRepository<Claim> */
final class ClaimRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Claim::class);
    }

    /** @return list<Claim> by number */
    public function ofCase(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['ordinal' => 'ASC']);
    }

    public function numbered(CaseFile $case, int $ordinal): ?Claim
    {
        return $this->findOneBy(['case' => $case, 'ordinal' => $ordinal]);
    }

    /** @return list<Claim> that somebody still waits for, in the order in which they were made */
    public function notOver(): array
    {
        $ids = $this->getEntityManager()->getConnection()->fetchFirstColumn(
            'SELECT c.id FROM claim c LEFT JOIN LATERAL '
                .'(SELECT m.state FROM claim_move m WHERE m.claim_id = c.id ORDER BY m.id DESC LIMIT 1) l '
                ."ON true WHERE COALESCE(l.state, 'drafted') NOT IN (:over)",
            ['over' => self::values(static fn (ClaimState $state): bool => $state->isOver())],
            ['over' => ArrayParameterType::STRING],
        );

        return $this->whole($ids, 'ASC');
    }

    /** @return list<Claim> that are over, of the newest claims */
    public function over(int $most): array
    {
        $newest = $this->createQueryBuilder('c')->select('c.id')->orderBy('c.id', 'DESC')->setMaxResults($most);
        $ids = $newest->getQuery()->getSingleColumnResult();

        return array_values(array_filter($this->whole($ids, 'DESC'), static fn (Claim $claim): bool => $claim->state()->isOver()));
    }

    /**
     * With their case and their moves, which would else be asked for claim by claim.
     *
     * @param array<mixed> $ids
     *
     * @return list<Claim>
     */
    private function whole(array $ids, string $order): array
    {
        /** @var list<Claim> $claims */
        $claims = $this->createQueryBuilder('c')->addSelect('m', 'k', 'a')->leftJoin('c.moves', 'm')->join('c.case', 'k')
            ->leftJoin('k.arrival', 'a')->where('c.id IN (:ids)')->setParameter('ids', $ids)->orderBy('c.id', $order)
            ->addOrderBy('m.id', 'ASC')->getQuery()->getResult();

        return $claims;
    }

    /** @return list<string> */
    private static function values(callable $that): array
    {
        return array_map(static fn (ClaimState $one): string => $one->value, array_values(array_filter(ClaimState::cases(), $that)));
    }
}
