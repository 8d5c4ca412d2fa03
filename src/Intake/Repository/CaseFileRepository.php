<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<CaseFile> */
final class CaseFileRepository extends ServiceEntityRepository
{
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
        $query = $this->createQueryBuilder('c')->where('c.serialKey = :key')->setParameter('key', $key)
            ->orderBy('c.madeAt', 'DESC')->addOrderBy('c.id', 'DESC')->setMaxResults(5);
        if (null !== $besides) {
            $query->andWhere('c.madeAt <= :made')->setParameter('made', $besides->madeAt)
                ->andWhere('c.id != :id')->setParameter('id', $besides->id, 'uuid');
        }
        /** @var list<CaseFile> $cases */
        $cases = $query->getQuery()->getResult();

        return $cases;
    }

    /** @return list<CaseFile> the newest first; every word must be found somewhere */
    public function search(string $words, int $most): array
    {
        $query = $this->createQueryBuilder('c')->addSelect('h')->leftJoin('c.holder', 'h')
            ->orderBy('c.madeAt', 'DESC')->addOrderBy('c.id', 'DESC')->setMaxResults($most);
        $told = "CONCAT(c.number, ' ', c.unitName, ' ', c.maker, ' ', c.model, ' ', c.customer, ' ', c.serial)";
        foreach (preg_split('/\s+/', $words, 8, \PREG_SPLIT_NO_EMPTY) ?: [] as $i => $word) {
            $query->andWhere("LOWER($told) LIKE :w$i OR c.serialKey LIKE :k$i")
                ->setParameter("w$i", '%'.addcslashes(mb_strtolower($word), '%_\\').'%')
                ->setParameter("k$i", '' === CaseFile::serialKey($word) ? '-' : '%'.CaseFile::serialKey($word).'%');
        }
        /** @var list<CaseFile> $cases */
        $cases = $query->getQuery()->getResult();

        return $cases;
    }
}
