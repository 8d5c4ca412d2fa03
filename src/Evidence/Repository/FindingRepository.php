<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Books\PartsInUse;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\OftenHurt;
use Symfony\Component\Uid\Uuid;

/** @extends OfCaseRepository<Finding> */
final class FindingRepository extends OfCaseRepository implements PartsInUse
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Finding::class);
    }

    /** @return list<Finding> */
    public function worstFirst(CaseFile $case): array
    {
        $findings = $this->ofCase($case);
        usort($findings, static fn (Finding $a, Finding $b): int => $b->grade <=> $a->grade);

        return $findings;
    }

    /** @return list<Finding> of damage */
    public function damageOf(CaseFile $case): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (Finding $one): bool => FindingKind::Damage === $one->kind));
    }

    /** @return list<Finding> in the order in which they were made */
    public function ofPart(CaseFile $case, ?string $part): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (Finding $one): bool => $part === $one->part));
    }

    /** @return list<Finding> that answer looks before a part came off */
    public function answering(CaseFile $case): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (Finding $one): bool => '' !== $one->asked()));
    }

    public function onePart(CaseFile $case, ?string $part, string $id): ?Finding
    {
        return Uuid::isValid($id) ? $this->findOneBy(['id' => $id, 'case' => $case, 'part' => $part]) : null;
    }

    /** @return array<string, string> part => number of a case of the family that has a finding on it */
    public function partsOfFamily(string $family): array
    {
        /** @var list<array{part: string, number: string}> $rows */
        $rows = $this->createQueryBuilder('f')->select('f.part AS part', 'MIN(c.number) AS number')->join('f.case', 'c')
            ->where('c.family = :family')->groupBy('f.part')->setParameter('family', $family)->getQuery()->getArrayResult();

        return array_column($rows, 'number', 'part');
    }

    /**
     * The worst grade of each part that was looked at, of many cases at once.
     *
     * @param list<CaseFile> $cases
     *
     * @return array<string, array<string, int>> by case id and part
     */
    public function grades(array $cases): array
    {
        if ([] === $cases) {
            return [];
        }
        $grades = [];
        $rows = $this->createQueryBuilder('f')
            ->select('IDENTITY(f.case) AS id', 'f.part AS part', 'MAX(CASE WHEN f.kind = :damage THEN f.grade ELSE 0 END) AS grade')
            ->where('f.case IN (:cases)')->andWhere('f.kind <> :noted')->groupBy('f.case', 'f.part')
            ->setParameter('damage', FindingKind::Damage)->setParameter('noted', FindingKind::Noted)
            ->setParameter(
                'cases',
                array_map(static fn (CaseFile $case): string => (string) $case->id, $cases),
            )->getQuery()->getArrayResult();
        /** @var array{id: string, part: string, grade: int|string} $row */
        foreach ($rows as $row) {
            $grades[$row['id']][$row['part']] = (int) $row['grade'];
        }

        return $grades;
    }

    /**
     * How often each part of a family was found damaged, and how often somebody looked at it.
     *
     * @return array<string, array{int, int}> by part: units in which it was damaged, units in which it was looked at
     */
    public function hurtInFamily(string $family): array
    {
        $count = fn (): QueryBuilder => $this->createQueryBuilder('f')
            ->select('f.part AS part', 'COUNT(DISTINCT f.case) AS units')->join('f.case', 'c')
            ->where('c.family = :family')->andWhere('f.kind <> :noted')->groupBy('f.part')
            ->setParameter('family', $family)->setParameter('noted', FindingKind::Noted);
        $hurt = array_column($count()->andWhere('f.kind = :damage')->andWhere('f.grade >= :from')
            ->setParameter('damage', FindingKind::Damage)->setParameter('from', OftenHurt::FROM)
            ->getQuery()->getArrayResult(), 'units', 'part');
        $told = [];
        foreach (array_column($count()->getQuery()->getArrayResult(), 'units', 'part') as $part => $seen) {
            $told[(string) $part] = [(int) ($hurt[$part] ?? 0), (int) $seen];
        }

        return $told;
    }
}
