<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\User;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for a unit: it gets its number and who holds it, and is tied to the case in which it was here before. */
final readonly class TakeIn
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CaseNumbers $numbers,
        private EarlierCases $earlier,
        private KeepUnit $keep,
    ) {
    }

    /** @param bool $comesBack has it come back with the failure of the last time? Then it is tied to that case, found by its serial */
    public function __invoke(CaseFile $case, User $holder, bool $comesBack): void
    {
        $earlier = $comesBack ? $this->earlier->of($case->serial) : [];
        $out = array_values(array_filter($earlier, static fn (EarlierCase $one): bool => $one->isOut));
        $case->takenIn($this->numbers->next(), $holder, ($out[0] ?? $earlier[0] ?? null)?->case);
        $this->entityManager->persist($case);
        ($this->keep)($case);
    }
}
