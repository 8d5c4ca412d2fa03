<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Intake\CaseFile;
use App\Proof\Live\LiveRun;
use App\Proof\Live\TestStand;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<LiveRun> */
final class LiveRunRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, LiveRun::class);
    }

    public function last(CaseFile $case): ?LiveRun
    {
        return $this->findOneBy(['case' => $case], ['id' => 'DESC']);
    }

    public function on(TestStand $stand): ?LiveRun
    {
        return $this->findOneBy(['stand' => $stand]);
    }
}
