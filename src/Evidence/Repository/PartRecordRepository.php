<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Damage\Disposition;

/** @extends OfCaseRepository<PartRecord> */
final class PartRecordRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PartRecord::class);
    }

    /** The record of a part; a new one where nothing is kept of it yet. */
    public function ofPart(CaseFile $case, string $part): PartRecord
    {
        foreach ($this->ofCase($case) as $record) {
            if ($part === $record->part) {
                return $record;
            }
        }

        return new PartRecord($case, $part);
    }

    /**
     * @param PartRecord|null $typed that counts as it is, kept or not
     *
     * @return array<string, string> part => duty of its stage; empty: that of the unit
     */
    public function duties(CaseFile $case, ?PartRecord $typed = null): array
    {
        $duties = [];
        foreach ([...$this->ofCase($case), ...array_filter([$typed])] as $record) {
            $duties[$record->part] = $record->duty;
        }

        return $duties;
    }

    /**
     * What became of a part in the closed cases of a family, this one left out.
     *
     * @return array<string, int> value of the disposition => how often
     */
    public function cameTo(CaseFile $besides, string $part): array
    {
        /** @var list<array{what: Disposition, n: int|string}> $rows */
        $rows = $this->createQueryBuilder('r')->select('r.disposition AS what, COUNT(r.id) AS n')->join('r.case', 'c')
            ->where('c.family = :family AND c.id <> :case AND c.signedAt IS NOT NULL AND r.part = :part AND r.disposition IS NOT NULL')
            ->setParameter('family', $besides->family)->setParameter('case', $besides->id, 'uuid')->setParameter('part', $part)
            ->groupBy('r.disposition')->getQuery()->getResult();

        return array_combine(
            array_map(static fn (array $row): string => $row['what']->value, $rows),
            array_map(static fn (array $row): int => (int) $row['n'], $rows),
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, PartRecord> by part, with their cases
     */
    public function withIds(array $ids): array
    {
        /** @var list<PartRecord> $records */
        $records = $this->createQueryBuilder('r')->addSelect('c', 'a')->join('r.case', 'c')->leftJoin('c.arrival', 'a')
            ->where('r.id IN (:ids)')->setParameter('ids', $ids)->getQuery()->getResult();

        return array_column($records, null, 'part');
    }

    /** @return list<PartRecord> by the name of the part */
    public function byPart(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['part' => 'ASC']);
    }
}
