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
     * @param array<string, FitCare> $fits by strip step
     * @param array<string, string> $outside kind of origin => what is put right outside the unit, where it is not as usual
     */
    public function __construct(
        public array $kits = [],
        public array $hours = [],
        public array $choices = [],
        public array $settings = [],
        public array $proof = [],
        public array $fits = [],
        public array $outside = [],
    ) {
    }
}
