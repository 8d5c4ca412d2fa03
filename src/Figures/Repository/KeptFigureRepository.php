<?php

declare(strict_types=1);

namespace App\Figures\Repository;

use App\Figures\KeptFigure;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<KeptFigure> */
final class KeptFigureRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, KeptFigure::class);
    }

    /** @return list<KeptFigure> */
    public function named(CaseFile $case, string $figure): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (KeptFigure $one): bool => $figure === $one->figure));
    }

    /** @return list<KeptFigure> of a part; of the case as a whole with an empty one */
    public function ofPart(CaseFile $case, string $part): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (KeptFigure $one): bool => $part === $one->part));
    }
}
