<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What is known of a case, free of where it is stored. */
final readonly class Facts
{
    /** Of the history: what lay where cannot be seen any more. */
    public const CAME_APART = 'came-apart';

    /**
     * @param list<LookFact> $looks
     * @param list<ComplaintFact> $complaints
     * @param list<ReadingFact> $readings
     * @param bool $comeback did this unit fail before, and was it repaired here?
     * @param array<string, int> $orders states and origins => happened as number
     * @param array<string, string> $refused ties that somebody refused => why
     * @param array<string, array{bool, string}> $settled origins that a figure or a test speaks for or against => which, and in words
     * @param float|null $sinceRepair hours of service since somebody was inside; null: not known
     * @param list<ToldFact> $told of the unit, and of its fluid
     * @param float|null $hours of service since new; null: not known
     */
    public function __construct(
        public array $looks,
        public array $complaints,
        public array $readings,
        public bool $comeback = false,
        public array $orders = [],
        public array $refused = [],
        public array $settled = [],
        public ?float $sinceRepair = null,
        public array $told = [],
        public ?float $hours = null,
    ) {
    }

    /** @return list<string> parts that were seen torn or broken, of this grade or a graver one */
    public function torn(int $grade): array
    {
        $torn = array_filter($this->looks, static fn (LookFact $look): bool => 'fracture' === $look->mode && $look->grade >= $grade);

        return array_values(array_unique(array_column($torn, 'part')));
    }

    /** Was it said that the unit came stripped or washed? */
    public function cameApart(): bool
    {
        return [] !== array_filter($this->told, static fn (ToldFact $one): bool => self::CAME_APART === $one->key && $one->is);
    }
}
