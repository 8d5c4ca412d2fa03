<?php

declare(strict_types=1);

namespace App\Intake;

/** In what state a unit came: what lay where is known of a whole one only. */
enum CameAs: string
{
    case Whole = 'whole';
    case PartlyApart = 'partly-apart';
    case Stripped = 'stripped';

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'whole',
            self::PartlyApart => 'partly apart',
            self::Stripped => 'stripped, in a box',
        };
    }

    /** What nobody can know any more; empty: all can be. */
    public function lost(): string
    {
        return match ($this) {
            self::Whole => '',
            self::PartlyApart => 'Of what was off before it came nobody can know any more how tight it sat, which way it faced '
                .'and what lay in it.',
            self::Stripped => 'It came stripped: how tight each fastener sat, which way each part faced, what ran with what and '
                .'where debris lay cannot be known any more.',
        };
    }
}
