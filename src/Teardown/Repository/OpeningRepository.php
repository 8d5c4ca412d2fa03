<?php

declare(strict_types=1);

namespace App\Teardown\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Teardown\Opening;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Opening> */
final class OpeningRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Opening::class);
    }

    public function last(CaseFile $case): ?Opening
    {
        $openings = $this->ofCase($case);

        return [] === $openings ? null : $openings[array_key_last($openings)];
    }
}
