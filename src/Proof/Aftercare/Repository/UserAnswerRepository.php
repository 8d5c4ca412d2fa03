<?php

declare(strict_types=1);

namespace App\Proof\Aftercare\Repository;

use App\Intake\Repository\OfCaseRepository;
use App\Proof\Aftercare\UserAnswer;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<UserAnswer> */
final class UserAnswerRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, UserAnswer::class);
    }
}
