<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\Refusal;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Refusal> */
final class RefusalRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Refusal::class);
    }

    public function ofSubject(CaseFile $case, string $subject): ?Refusal
    {
        return $this->findOneBy(['case' => $case, 'subject' => $subject]);
    }
}
