<?php

declare(strict_types=1);

namespace App\Intake;

/** What something that was tried has changed. */
enum Changed: string
{
    case Nothing = 'nothing';
    case Better = 'better';
    case ForAWhile = 'for-a-while';
    case Worse = 'worse';

    public function label(): string
    {
        return match ($this) {
            self::Nothing => 'nothing', self::Better => 'better since', self::ForAWhile => 'better for a while', self::Worse => 'worse',
        };
    }

    /** As the engine weighs it; what made it worse says nothing that it knows. */
    public function asFact(): ?string
    {
        return match ($this) {
            self::Nothing => 'nothing', self::Better, self::ForAWhile => 'better', self::Worse => null,
        };
    }
}
