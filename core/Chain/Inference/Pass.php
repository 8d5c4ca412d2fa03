<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** What one pass through a tree gave. */
final readonly class Pass
{
    /**
     * @param float $log ln of how likely everything is; -∞: it cannot happen
     * @param array<int, array{float, float}> $weights variable => how much speaks for false and for true, up to a scale
     */
    public function __construct(public float $log, public array $weights)
    {
    }

    /** Chance that a variable is true. */
    public function chance(int $variable): float
    {
        [$false, $true] = $this->weights[$variable];
        [$false, $true] = [max(0.0, $false), max(0.0, $true)];

        return $true / ($false + $true);
    }
}
