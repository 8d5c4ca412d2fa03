<?php

declare(strict_types=1);

namespace App\Intake;

/** How far a statement can be trusted. */
enum SourceKind: string
{
    case FirstHand = 'first-hand';
    case Hearsay = 'hearsay';
    case OwnGuess = 'own-guess';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::FirstHand => 'First hand',
            self::Hearsay => 'Hearsay',
            self::OwnGuess => 'Our own guess',
            self::Unknown => 'Unknown',
        };
    }
}
