<?php

declare(strict_types=1);

namespace App\Library\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Library\SchoolPick;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<SchoolPick> */
final class SchoolPickRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SchoolPick::class);
    }

    /** @return list<SchoolPick> what is done in a case; without one, what the shop does */
    public function taken(string $family, ?CaseFile $case): array
    {
        return null === $case
            ? $this->findBy(['family' => $family, 'case' => null])
            : array_values(array_filter($this->ofCase($case), static fn (SchoolPick $one): bool => $family === $one->family));
    }

    public function one(string $family, string $choice, ?CaseFile $case): ?SchoolPick
    {
        return $this->findOneBy(['family' => $family, 'choice' => $choice, 'case' => $case]);
    }
}
