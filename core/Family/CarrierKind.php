<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How harm gets from one place to another. */
enum CarrierKind: string
{
    case Oil = 'oil';
    case Touch = 'touch';
    case Drive = 'drive';
    case Seal = 'seal';
    case Hold = 'hold';
    case Heat = 'heat';
    case Wire = 'wire';

    public function label(): string
    {
        return match ($this) {
            self::Oil => 'by the oil',
            self::Touch => 'by touch',
            self::Drive => 'by the drive',
            self::Seal => 'past a seal',
            self::Hold => 'by what holds it',
            self::Heat => 'by heat',
            self::Wire => 'by wire',
        };
    }

    /** Oil goes one way; what touches or holds works both ways. */
    public function hasDirection(): bool
    {
        return self::Oil === $this || self::Wire === $this;
    }

    /** Oil, torque and heat go on through several places; a touch or a seal works between two. */
    public function travels(): bool
    {
        return self::Oil === $this || self::Drive === $this || self::Heat === $this || self::Wire === $this;
    }
}
