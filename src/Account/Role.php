<?php

declare(strict_types=1);

namespace App\Account;

/** What somebody does in the shop. */
enum Role: string
{
    case Desk = 'ROLE_DESK';
    case Bench = 'ROLE_BENCH';
    case Analyst = 'ROLE_ANALYST';
    case Viewer = 'ROLE_VIEWER';

    public function label(): string
    {
        return match ($this) {
            self::Desk => 'service desk',
            self::Bench => 'bench',
            self::Analyst => 'analyst',
            self::Viewer => 'viewer',
        };
    }

    public function does(): string
    {
        return match ($this) {
            self::Desk => 'takes units in, sends offers and claims',
            self::Bench => 'strips, photographs, measures, repairs',
            self::Analyst => 'judges and signs, settings and people',
            self::Viewer => 'looks',
        };
    }
}
