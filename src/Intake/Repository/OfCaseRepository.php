<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;

/**
 * Things that are kept of a case.
 *
 * @template T of object
 *
 * @extends ServiceEntityRepository<T>
 */
abstract class OfCaseRepository extends ServiceEntityRepository
{
    /** @return list<T> in the order in which they were made */
    public function ofCase(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['id' => 'ASC']);
    }
}
