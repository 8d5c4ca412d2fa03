<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Proof\ProofRecord;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<ProofRecord> */
final class ProofRecordRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ProofRecord::class);
    }

    /**
     * @param list<CaseFile> $cases
     *
     * @return list<ProofRecord> in the order in which they were made
     */
    public function ofCases(array $cases): array
    {
        return [] === $cases ? [] : $this->findBy(['case' => $cases], ['id' => 'ASC']);
    }
}
