<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Repair\RepairOption;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Repair\OptionKind;

/** @extends OfCaseRepository<RepairOption> */
final class RepairOptionRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, RepairOption::class);
    }

    public function ofKind(CaseFile $case, OptionKind $kind): ?RepairOption
    {
        foreach ($this->ofCase($case) as $option) {
            if ($kind === $option->kind) {
                return $option;
            }
        }

        return null;
    }
}
