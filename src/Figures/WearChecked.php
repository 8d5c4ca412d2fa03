<?php

declare(strict_types=1);

namespace App\Figures;

use App\Intake\Complaint;
use Japhrex\Core\Family\FoundGap;
use Japhrex\Core\Hydraulics\WearJudgement;

/** The complaint check of a case: the gaps it was asked with, what it answered, how that goes with each complaint. */
final readonly class WearChecked
{
    /**
     * @param Asked $asked as it leaks most, where nobody can know how a part lies
     * @param Asked $least as it leaks least
     * @param list<FoundGap> $gaps
     * @param WearJudgement|null $judgement null while a fact is missing
     * @param list<WearFit> $fits of the complaints that leaking could explain; null: cannot be judged
     */
    public function __construct(
        public Asked $asked,
        public Asked $least,
        public array $gaps,
        public ?WearJudgement $judgement,
        public array $fits,
    ) {
    }

    /** How many gaps are known as found. */
    public function known(): int
    {
        return \count(array_filter($this->gaps, static fn (FoundGap $gap): bool => $gap->isKnown()));
    }

    /** Was something told of every gap that was asked with? */
    public function isWhole(): bool
    {
        return [] === array_filter($this->gaps, static fn (FoundGap $gap): bool => !$gap->isMeasured());
    }

    /**
     * @return array<string, HeldPressure> held pressures by state; least: as it leaks least, where that differs
     */
    public function held(): array
    {
        $held = [];
        $results = $this->asked->outcome?->results() ?? [];
        $least = $this->least->outcome?->results() ?? [];
        foreach (['cold-idle', 'cold-working', 'hot-idle', 'hot-working'] as $state) {
            if (isset($results[$state.'-new'], $results[$state.'-found'])) {
                $other = $least[$state.'-found'] ?? null;
                $held[$state] = new HeldPressure(
                    $results[$state.'-new'],
                    $results[$state.'-found'],
                    null === $other || $other->si() === $results[$state.'-found']->si() ? null : $other,
                );
            }
        }

        return $held;
    }
}
