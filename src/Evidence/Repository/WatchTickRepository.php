<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\Watch\WatchTick;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<WatchTick> */
final class WatchTickRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, WatchTick::class);
    }
}
