<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Symfony\Contracts\Service\Attribute\Required;

/**
 * Things that are kept of a case.
 *
 * @template T of object
 *
 * @extends ServiceEntityRepository<T>
 */
abstract class OfCaseRepository extends ServiceEntityRepository
{
    protected FoundOfCase $found;

    #[Required]
    public function remember(FoundOfCase $found): void
    {
        $this->found = $found;
    }

    /** @return list<T> in the order in which they were made */
    public function ofCase(CaseFile $case): array
    {
        return $this->found->of($this->getClassName(), $case, fn (): array => $this->findBy(['case' => $case], ['id' => 'ASC']));
    }
}
