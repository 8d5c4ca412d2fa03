<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;

use function Symfony\Component\Clock\now;

/** @extends ServiceEntityRepository<CaseFile> */
final class CaseFileRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly FoundOfCase $found)
    {
        parent::__construct($registry, CaseFile::class);
    }

    /** However the number was typed; with the case that it came back from. */
    public function numbered(string $number): ?CaseFile
    {
        /** @var CaseFile|null $case */
        $case = $this->withArrival()->addSelect('b', 'd')->leftJoin('c.comebackOf', 'b')->leftJoin('b.arrival', 'd')
            ->where('c.number = :number')->setParameter('number', strtoupper($number))->getQuery()->getOneOrNullResult();

        return $case;
    }

    /** @return list<CaseFile> under the same serial, the newest first */
    public function earlier(string $serial, ?CaseFile $besides = null): array
    {
        $key = CaseFile::serialKey($serial);
        if (\strlen($key) < 3) {
            return [];
        }
        $find = fn (): array => $this->underSerial($key, $besides);

        return null === $besides ? $find() : $this->found->once('earlier cases under '.$key, $besides, $find);
    }

    /** @return list<CaseFile> */
    private function underSerial(string $key, ?CaseFile $besides): array
    {
        $query = $this->withArrival()->where('c.serialKey = :key')->andWhere('c.withdrawnAt IS NULL')
            ->setParameter('key', $key)
            ->orderBy('c.madeAt', 'DESC')->addOrderBy('c.id', 'DESC')->setMaxResults(5);
        if (null !== $besides) {
            $query->andWhere('c.madeAt <= :made')->setParameter('made', $besides->madeAt)
                ->andWhere('c.id != :id')->setParameter('id', $besides->id, 'uuid');
        }
        /** @var list<CaseFile> $cases */
        $cases = $query->getQuery()->getResult();

        return $cases;
    }

    /**
     * @param list<string> $families
     *
     * @return list<CaseFile> that nobody has signed, the newest first
     */
    public function openOf(array $families, CaseFile $besides): array
    {
        /** @var list<CaseFile> $cases */
        $cases = $this->withArrival()->where('c.family IN (:families)')->andWhere('c.signedAt IS NULL')->andWhere('c.withdrawnAt IS NULL')
            ->andWhere('c.id != :id')->setParameter('families', $families)->setParameter('id', $besides->id, 'uuid')
            ->orderBy('c.id', 'DESC')->setMaxResults(20)->getQuery()->getResult();

        return $cases;
    }

    /**
     * Which units came in once more after a case: as its comeback, or under the same serial.
     *
     * @param list<string> $ids of cases
     *
     * @return array<string, string> id => number of the next case of the same unit
     */
    public function cameInAgain(array $ids): array
    {
        /** @var array<string, string> $again */
        $again = $this->getEntityManager()->getConnection()->fetchAllKeyValue(
            <<<'SQL'
                SELECT DISTINCT ON (e.id) e.id, n.number FROM case_file e
                JOIN LATERAL (
                    SELECT c.number, c.made_at FROM case_file c WHERE c.comeback_of_id = e.id AND c.withdrawn_at IS NULL
                    UNION ALL
                    SELECT c.number, c.made_at FROM case_file c WHERE length(e.serial_key) >= 3 AND c.serial_key = e.serial_key
                        AND c.family = e.family AND c.made_at > e.made_at AND c.withdrawn_at IS NULL
                ) n ON true
                WHERE e.id IN (:ids) ORDER BY e.id, n.made_at
                SQL,
            ['ids' => $ids],
            ['ids' => ArrayParameterType::STRING],
        );

        return $again;
    }

    /** What stands at the far end of a one-to-one is asked for case by case, unless it comes along. */
    private function withArrival(): QueryBuilder
    {
        return $this->createQueryBuilder('c')->addSelect('a')->leftJoin('c.arrival', 'a');
    }

    /** @return int cases that were signed so many years ago and have the names of people in them */
    public function countWithNames(int $years): int
    {
        return (int) $this->signedBefore($years)->select('count(c.id)')->getQuery()->getSingleScalarResult();
    }

    /** @return list<CaseFile> the oldest of them */
    public function withNames(int $years, int $most): array
    {
        /** @var list<CaseFile> */
        return $this->signedBefore($years)->orderBy('c.signedAt')->addOrderBy('c.number')->setMaxResults($most)->getQuery()->getResult();
    }

    /** @return list<string> numbers of those that were signed in the oldest year of which there are any, the oldest first */
    public function withNamesOfOldestYear(int $years): array
    {
        $oldest = $this->withNames($years, 1)[0]->signedAt ?? null;
        if (null === $oldest) {
            return [];
        }
        $zone = now()->getTimezone();

        /** @var list<string> */
        return $this->signedBefore($years)->select('c.number')->andWhere('c.signedAt < :next')
            ->orderBy('c.signedAt')->addOrderBy('c.number')
            ->setParameter('next', new \DateTimeImmutable($oldest->setTimezone($zone)->format('Y').'-12-31 24:00', $zone))
            ->getQuery()->getSingleColumnResult();
    }

    private function signedBefore(int $years): QueryBuilder
    {
        return $this->createQueryBuilder('c')->where('c.signedAt < :then AND c.peopleOutAt IS NULL')
            ->setParameter('then', now(\sprintf('-%d years', $years)));
    }
}
