<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** When something is proved: nothing turns that is not filled, nothing runs that was not turned by hand, nothing is loaded cold at once. */
enum ProofPhase: string
{
    case Fill = 'fill';
    case Hand = 'hand';
    case Direction = 'direction';
    case Coupled = 'coupled';
    case Low = 'low';
    case Load = 'load';
    case Hot = 'hot';
    case Rest = 'rest';

    /** Its place in the order of the proof. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** What is missing where a book has no step of it; null: a family may do without. */
    public function missing(): ?string
    {
        return match ($this) {
            self::Fill => 'no step fills, primes or vents it before anything turns.',
            self::Hand => 'no step turns it by hand before it runs.',
            self::Direction => 'no step says which way it turns, tried or read off.',
            default => null,
        };
    }
}
