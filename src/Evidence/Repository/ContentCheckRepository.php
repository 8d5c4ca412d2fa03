<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\ContentCheck;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<ContentCheck> */
final class ContentCheckRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ContentCheck::class);
    }
}
