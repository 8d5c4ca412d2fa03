<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** What a perfect look at a node would settle: bits by which the entropies of the origins fall, on average. */
final readonly class LookSettles
{
    public float $bitsAMinute;

    public function __construct(public float $bits, float $minutes)
    {
        $this->bitsAMinute = $bits / $minutes;
    }
}
