<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a family is repaired with: kits, hours, choices of school, how parts go in, settings, proof. */
final readonly class Upkeep
{
    /**
     * @param array<string, Kit> $kits
     * @param array<string, float> $hours typical labour by kind of work, in hours
     * @param array<string, SchoolChoice> $choices
     * @param list<BuildSetting> $settings
     * @param list<ProofStep> $proof
     * @param list<FitCare> $fits in the order of the strip; of one strip step in the order of going in
     * @param array<string, string> $outside kind of origin => what is put right outside the unit, where it is not as usual
     * @param list<BuildAct> $acts
     * @param list<FacingSet> $sets
     * @param array<string, Fasteners> $fasteners
     * @param array<string, Selective> $selective
     * @param UserAdvice|null $advice null: the book has none
     * @param OpeningSafety|null $safety null: the book has none
     */
    public function __construct(
        public array $kits = [],
        public array $hours = [],
        public array $choices = [],
        public array $settings = [],
        public array $proof = [],
        public array $fits = [],
        public array $outside = [],
        public array $acts = [],
        public array $sets = [],
        public array $fasteners = [],
        public array $selective = [],
        public ?UserAdvice $advice = null,
        public ?OpeningSafety $safety = null,
    ) {
    }

    /** The same without what is for other units of the family. What the unit does not decide stays. */
    public function of(UnitIs $unit): self
    {
        $mine = static fn (BuildSetting|BuildAct|FacingSet $one): bool => false !== $one->for?->isFor($unit);

        return new self(
            $this->kits,
            $this->hours,
            $this->choices,
            array_values(array_filter($this->settings, $mine)),
            $this->proof,
            $this->fits,
            $this->outside,
            array_map(static fn (BuildAct $one): BuildAct => $one->of($unit), array_values(array_filter($this->acts, $mine))),
            array_values(array_filter($this->sets, $mine)),
            $this->fasteners,
            $this->selective,
            $this->advice,
            $this->safety,
        );
    }

    /** @return list<FitCare> how what a strip step took out goes in again, in order; none where the book does not say */
    public function fitsOf(string $step): array
    {
        return array_values(array_filter($this->fits, static fn (FitCare $one): bool => $one->step === $step));
    }
}
