<?php

declare(strict_types=1);

namespace App\Teardown\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Teardown\BenchThing;
use Doctrine\Persistence\ManagerRegistry;

use function Symfony\Component\Clock\now;

/** @extends OfCaseRepository<BenchThing> */
final class BenchThingRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, BenchThing::class);
    }

    /** @return list<BenchThing> what was to go back to others before today, and is still here */
    public function late(CaseFile $case): array
    {
        $today = now();

        return array_values(array_filter($this->ofCase($case), static fn (BenchThing $one): bool => $one->isLate($today)));
    }

    public function named(CaseFile $case, string $item): ?BenchThing
    {
        return $this->findOneBy(['case' => $case, 'item' => $item]);
    }
}
