<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Measuring\FeltSize;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<FeltSize> */
final class FeltSizeRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, FeltSize::class);
    }

    /** @return array<string, list<FeltSize>> by `part/field` */
    public function byField(CaseFile $case): array
    {
        $felt = [];
        foreach ($this->ofCase($case) as $one) {
            $felt[$one->part.'/'.$one->field][] = $one;
        }

        return $felt;
    }
}
