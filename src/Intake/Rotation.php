<?php

declare(strict_types=1);

namespace App\Intake;

/** Rotation seen on the shaft end. */
enum Rotation: string
{
    case Right = 'right';
    case Left = 'left';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Right => 'Right (clockwise)',
            self::Left => 'Left (anticlockwise)',
            self::Both => 'Both ways',
        };
    }
}
