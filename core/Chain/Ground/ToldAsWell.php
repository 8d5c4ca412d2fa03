<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A candidate that tells as much as the first, and the look that would part them. */
final readonly class ToldAsWell
{
    /**
     * @param ?Spot $look null: nothing would
     * @param float $first chance that the look finds it, were it the first
     * @param float $second chance that the look finds it, were it the other
     */
    public function __construct(public Candidate $other, public ?Spot $look, public float $first, public float $second)
    {
    }
}
