<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Proof\GoneRepair;
use App\Proof\Handover;
use App\Proof\WatchDue;
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

    /** @return list<WatchDue> whose day of watching has come, the earliest first; whose user has said that it runs well is not asked */
    public function due(\DateTimeImmutable $past, \DateTimeImmutable $today): array
    {
        /** @var list<array{number: string, unit_name: string, maker: string, model: string, customer: string, watch: string}> $rows */
        $rows = $this->getEntityManager()->getConnection()->fetchAllAssociative(
            'SELECT c.number, c.unit_name, c.maker, c.model, c.customer, h.watch FROM handover h JOIN case_file c ON c.id = h.case_id '
                .'WHERE h.watch <= :today AND h.watch > :past '
                .'AND NOT EXISTS (SELECT 1 FROM user_answer a WHERE a.case_id = h.case_id AND a.says = :well) ORDER BY h.watch, c.number',
            ['well' => UserSays::Well->value, 'today' => $today->format('Y-m-d'), 'past' => $past->format('Y-m-d')],
        );

        return array_map(static fn (array $row): WatchDue => new WatchDue(
            $row['number'], CaseFile::called($row['unit_name'], $row['maker'], $row['model']), $row['customer'],
            new \DateTimeImmutable($row['watch'], $today->getTimezone()),
        ), $rows);
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
