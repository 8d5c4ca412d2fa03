<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Proof\Aftercare\UserAnswer;
use App\Proof\GoneRepair;
use App\Proof\Handover;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Proof\UserSays;

/** @extends OfCaseRepository<Handover> */
final class HandoverRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Handover::class);
    }

    public function handoverOf(CaseFile $case): ?Handover
    {
        return $this->ofCase($case)[0] ?? null;
    }

    /**
     * @param list<CaseFile> $cases
     *
     * @return list<Handover>
     */
    public function ofCases(array $cases): array
    {
        return 1 === \count($cases) ? $this->ofCase($cases[0]) : ([] === $cases ? [] : $this->findBy(['case' => $cases]));
    }

    /** @return list<Handover> whose day of watching has come, the earliest first; whose user has said that it runs well is not asked */
    public function due(\DateTimeImmutable $past, \DateTimeImmutable $today): array
    {
        /** @var list<Handover> $due */
        $due = $this->createQueryBuilder('h')->addSelect('c', 'r')->join('h.case', 'c')->leftJoin('c.arrival', 'r')
            ->where('h.watch <= :today')->andWhere('h.watch > :past')->orderBy('h.watch')
            ->andWhere('NOT EXISTS (SELECT 1 FROM '.UserAnswer::class.' a WHERE a.case = h.case AND a.says = :well)')
            ->setParameter('well', UserSays::Well)
            ->setParameter('today', $today)->setParameter('past', $past)->getQuery()->getResult();

        return $due;
    }

    /**
     * @return list<GoneRepair> repairs of the family that went out, each with the day on which it came back
     */
    public function gone(string $family): array
    {
        /** @var list<array{gone: \DateTimeImmutable, back: \DateTimeImmutable|null}> $rows */
        $rows = $this->createQueryBuilder('h')->select('h.goneAt AS gone', 'c.madeAt AS back')->join('h.case', 'o')
            ->leftJoin(CaseFile::class, 'c', 'WITH', 'c.comebackOf = o')->where('o.family = :family')->andWhere('h.goneAt IS NOT NULL')
            ->orderBy('h.goneAt')->setParameter('family', $family)->getQuery()->getArrayResult();

        return array_map(static fn (array $row): GoneRepair => new GoneRepair($row['gone'], $row['back']), $rows);
    }
}
