<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Measuring\LimitChoice;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<LimitChoice> */
final class LimitChoiceRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, LimitChoice::class);
    }

    public function ofField(CaseFile $case, string $part, string $field): ?LimitChoice
    {
        return $this->findOneBy(['case' => $case, 'part' => $part, 'field' => $field]);
    }
}
