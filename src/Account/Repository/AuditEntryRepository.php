<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\AuditEntry;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Memory\StageMove;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<AuditEntry> */
final class AuditEntryRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, AuditEntry::class);
    }

    /** @return list<StageMove> of a case, in the order of time */
    public function stages(Uuid $case): array
    {
        $rows = $this->createQueryBuilder('e')->select('e.after AS to', 'e.madeAt AS at')
            ->where('e.caseId = :case')->andWhere('e.entity = :case')->andWhere("e.field = 'stage'")
            ->andWhere("e.action = 'changed'")->andWhere('e.after IS NOT NULL')->orderBy('e.id', 'ASC')
            ->setParameter('case', $case, 'uuid')->getQuery()->getArrayResult();

        /** @var list<array{to: string, at: \DateTimeImmutable}> $rows */
        return array_map(static fn (array $row): StageMove => new StageMove($row['to'], $row['at']), $rows);
    }

    /**
     * @param list<string> $hashes of files
     *
     * @return list<AuditEntry> that tell of a photo or a clip which was added with one of them
     */
    public function addedWith(array $hashes): array
    {
        return [] === $hashes
            ? []
            : $this->findBy(['action' => 'added', 'field' => ['picture', 'hash'], 'after' => $hashes], ['id' => 'ASC']);
    }

    /**
     * @param list<string> $without fields that say nothing to a person
     *
     * @return list<AuditEntry> the newest first
     */
    public function page(Uuid $case, array $without, int $page, int $most): array
    {
        /** @var list<AuditEntry> $entries */
        $entries = $this->createQueryBuilder('e')->where('e.caseId = :case')->andWhere('e.field NOT IN (:without)')->orderBy('e.id', 'DESC')
            ->setParameter(
                'case',
                $case,
                'uuid',
            )->setParameter('without', $without)->setMaxResults($most)->setFirstResult(($page - 1) * $most)->getQuery()->getResult();

        return $entries;
    }
}
