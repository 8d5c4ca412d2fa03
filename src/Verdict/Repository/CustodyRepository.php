<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Verdict\Warranty\Custody;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Verdict\Whereabouts;

/** @extends OfCaseRepository<Custody> */
final class CustodyRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Custody::class);
    }

    /** @return list<Custody> by part */
    public function byPart(CaseFile $case): array
    {
        $custodies = $this->ofCase($case);
        usort($custodies, static fn (Custody $a, Custody $b): int => $a->part <=> $b->part);

        return $custodies;
    }

    public function firstSent(CaseFile $case): ?Custody
    {
        foreach ($this->ofCase($case) as $custody) {
            if (Whereabouts::Sent === $custody->what) {
                return $custody;
            }
        }

        return null;
    }
}
