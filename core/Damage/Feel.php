<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What a finger nail or a pick says of a surface. It decides what gets measured. */
enum Feel: string
{
    case Glides = 'glides';
    case Felt = 'felt';
    case Catches = 'catches';
    case PickStops = 'pick-stops';

    public function label(): string
    {
        return match ($this) {
            self::Glides => 'nail glides',
            self::Felt => 'nail feels it',
            self::Catches => 'nail catches',
            self::PickStops => 'pick stops',
        };
    }

    /** A surface that a nail feels has to be measured. */
    public function asksForMeasuring(): bool
    {
        return self::Glides !== $this;
    }
}
