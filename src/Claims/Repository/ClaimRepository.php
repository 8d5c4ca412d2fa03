<?php

declare(strict_types=1);

namespace App\Claims\Repository;

use App\Claims\Claim;
use App\Claims\ClaimRow;
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

    /** @return list<ClaimRow> that somebody still waits for, in the order in which they were made */
    public function open(): array
    {
        return $this->rows("COALESCE(l.state, 'drafted') NOT IN (:over) ORDER BY c.id");
    }

    /** @return list<ClaimRow> that are over, the newest first */
    public function over(int $most): array
    {
        return $this->rows("l.state IN (:over) ORDER BY c.id DESC LIMIT $most");
    }

    /**
     * With their last step.
     *
     * @return list<ClaimRow>
     */
    private function rows(string $which): array
    {
        /**
         * @var list<array{
         *     case: string, ordinal: int, unit_name: string, maker: string, model: string, addressee: string, state: string,
         *     day: string|null, amount: string|null, words: string|null,
         * }> $rows
         */
        $rows = $this->getEntityManager()->getConnection()->fetchAllAssociative(
            <<<SQL
                SELECT k.number AS case, c.nr AS ordinal, k.unit_name, k.maker, k.model, split_part(c.addressee, E'\\n', 1) AS addressee,
                    COALESCE(l.state, 'drafted') AS state, l.day, l.amount, l.words
                FROM claim c JOIN case_file k ON k.id = c.case_id
                LEFT JOIN LATERAL (SELECT * FROM claim_move m WHERE m.claim_id = c.id ORDER BY m.id DESC LIMIT 1) l ON true
                WHERE $which
                SQL,
            ['over' => self::values(static fn (ClaimState $state): bool => $state->isOver())],
            ['over' => ArrayParameterType::STRING],
        );

        return array_map(ClaimRow::of(...), $rows);
    }

    /** @return list<string> */
    private static function values(callable $that): array
    {
        return array_map(static fn (ClaimState $one): string => $one->value, array_values(array_filter(ClaimState::cases(), $that)));
    }
}
