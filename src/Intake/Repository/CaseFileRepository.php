<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<CaseFile> */
final class CaseFileRepository extends ServiceEntityRepository
{
    /** What a case is found by; the index of the migration is over the same expression. */
    private const TOLD = "lower(number || ' ' || unit_name || ' ' || maker || ' ' || model || ' ' || customer || ' ' || serial)";

    /** How much of the letters by threes a word must share with what was typed, to be taken for it. */
    private const ALIKE = 0.5;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, CaseFile::class);
    }

    /** However the number was typed. */
    public function numbered(string $number): ?CaseFile
    {
        return $this->findOneBy(['number' => strtoupper($number)]);
    }

    /** @return list<CaseFile> under the same serial, the newest first */
    public function earlier(string $serial, ?CaseFile $besides = null): array
    {
        $key = CaseFile::serialKey($serial);
        if (\strlen($key) < 3) {
            return [];
        }
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

    /** What stands at the far end of a one-to-one is asked for case by case, unless it comes along. */
    private function withArrival(): QueryBuilder
    {
        return $this->createQueryBuilder('c')->addSelect('a')->leftJoin('c.arrival', 'a');
    }

    /**
     * What was withdrawn is found by its words only. Every word must be found somewhere, as it stands. Where nothing is, words
     * of letters may be written a little otherwise.
     *
     * @return list<CaseFile> the newest first
     */
    public function search(string $words, int $most): array
    {
        $words = preg_split('/\s+/', mb_strtolower($words), 8, \PREG_SPLIT_NO_EMPTY) ?: [];

        return $this->found($words, $most, false) ?: ([] === $words ? [] : $this->found($words, $most, true));
    }

    /**
     * @param list<string> $words
     *
     * @return list<CaseFile>
     */
    private function found(array $words, int $most, bool $near): array
    {
        $where = [];
        $values = ['most' => $most];
        foreach ($words as $i => $word) {
            $ways = [self::TOLD." LIKE :w$i", "serial_key LIKE :k$i"];
            $values["w$i"] = '%'.addcslashes($word, '%_\\').'%';
            $values["k$i"] = '' === CaseFile::serialKey($word) ? '-' : '%'.CaseFile::serialKey($word).'%';
            if ($near && 1 === preg_match('/^\p{L}{4,}$/u', $word)) {
                $ways[] = "word_similarity(:s$i, ".self::TOLD.') >= '.self::ALIKE;
                $values["s$i"] = $word;
            }
            $where[] = '('.implode(' OR ', $ways).')';
        }
        $ids = $this->getEntityManager()->getConnection()->fetchFirstColumn(
            'SELECT id FROM case_file WHERE '.([] === $where ? 'withdrawn_at IS NULL' : implode(' AND ', $where))
                .' ORDER BY made_at DESC, id DESC LIMIT :most',
            $values,
        );
        /** @var list<CaseFile> $cases */
        $cases = $this->withArrival()->addSelect('h', 'k')
            ->leftJoin('c.holder', 'h')->leftJoin('c.complaints', 'k')->where('c.id IN (:ids)')
            ->orderBy('c.madeAt', 'DESC')->addOrderBy('c.id', 'DESC')->setParameter('ids', $ids)->getQuery()->getResult();

        return $cases;
    }
}
