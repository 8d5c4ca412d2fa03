<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\User;
use App\Intake\Repository\CaseFileRepository;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for a unit: it gets its number and who holds it, and is tied to the case in which it was here before. */
final readonly class TakeIn
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CaseNumbers $numbers,
        private CaseFileRepository $cases,
    ) {
    }

    /** @param bool $comesBack has it come back with the failure of the last time? Then it is tied to that case, found by its serial */
    public function __invoke(CaseFile $case, User $holder, bool $comesBack): void
    {
        $earlier = $comesBack ? $this->cases->earlier($case->serial)[0] ?? null : null;
        $case->takenIn($this->numbers->next(), $holder, $earlier);
        $this->entityManager->persist($case);
        $this->entityManager->flush();
    }
}
