<?php

declare(strict_types=1);

namespace App\Intake;

/** Loaded or empty when it fails. */
enum UnderLoad: string
{
    case Empty = 'empty';
    case Loaded = 'loaded';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Empty => 'empty',
            self::Loaded => 'loaded',
            self::Both => 'loaded or not',
        };
    }
}
