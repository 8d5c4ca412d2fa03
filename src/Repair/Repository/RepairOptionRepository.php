<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\CaseFile;
use App\Repair\RepairOption;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Repair\OptionKind;

/** @extends ServiceEntityRepository<RepairOption> */
final class RepairOptionRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, RepairOption::class);
    }

    public function ofKind(CaseFile $case, OptionKind $kind): ?RepairOption
    {
        return $this->findOneBy(['case' => $case, 'kind' => $kind]);
    }
}
