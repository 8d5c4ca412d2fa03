<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/**
 * A node: true or false. Noisy-OR of its causes with a leak (an origin has no causes, and its prior is its leak), or a table.
 *
 * Pearl, Probabilistic Reasoning in Intelligent Systems, 1988, section 4.3
 */
final readonly class Condition
{
    /**
     * @param array<int, float> $causes index of the cause => strength: chance that the cause, present, brings this about
     * @param list<int> $parents of the table, the last changing fastest
     * @param list<float>|null $table P(true) for each setting of the parents, false before true; null: noisy-OR
     */
    public function __construct(
        public string $id,
        public string $kind,
        public float $leak,
        public array $causes,
        public array $parents = [],
        public ?array $table = null,
    ) {
    }

    /** @return list<int> */
    public function above(): array
    {
        return null === $this->table ? array_keys($this->causes) : $this->parents;
    }

    /**
     * P(true) for a setting of what is above it.
     *
     * @param array<int, bool|int> $state by index
     */
    public function chance(array $state): float
    {
        if (null === $this->table) {
            $none = 1.0 - $this->leak;
            foreach ($this->causes as $cause => $strength) {
                $none *= $state[$cause] ? 1.0 - $strength : 1.0;
            }

            return 1.0 - $none;
        }
        $row = 0;
        foreach ($this->parents as $parent) {
            $row = 2 * $row + ($state[$parent] ? 1 : 0);
        }

        return $this->table[$row];
    }
}
