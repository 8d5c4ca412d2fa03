<?php

declare(strict_types=1);

namespace App\Intake;

use Doctrine\ORM\EntityManagerInterface;

/** Finds what was here before under the same serial. */
final readonly class EarlierCases
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return list<CaseFile> newest first */
    public function of(string $serial, ?CaseFile $besides = null): array
    {
        $key = CaseFile::serialKey($serial);
        if (\strlen($key) < 3) {
            return [];
        }
        $query = $this->em->createQueryBuilder()
            ->select('c')->from(CaseFile::class, 'c')
            ->where('c.serialKey = :key')->setParameter('key', $key)
            ->orderBy('c.madeAt', 'DESC')->addOrderBy('c.id', 'DESC')->setMaxResults(5);
        if (null !== $besides) {
            $query->andWhere('c.madeAt <= :made')->setParameter('made', $besides->madeAt)
                ->andWhere('c.id != :id')->setParameter('id', $besides->id, 'uuid');
        }
        /** @var list<CaseFile> $cases */
        $cases = $query->getQuery()->getResult();

        return $cases;
    }
}
