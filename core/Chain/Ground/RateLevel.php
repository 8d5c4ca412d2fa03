<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** Origins of closed cases that have something in common: the family, the model, the customer with what their machines do and run on. */
final readonly class RateLevel
{
    public int $cases;

    /**
     * @param string $of what they have in common, in words
     * @param array<string, int> $counts origin => closed cases that began so; a case with several origins counts by its first
     */
    public function __construct(public string $of, public array $counts)
    {
        $this->cases = array_sum($counts);
    }

    public function count(string $origin): int
    {
        return $this->counts[$origin] ?? 0;
    }
}
