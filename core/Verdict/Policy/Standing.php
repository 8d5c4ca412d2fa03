<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** What a clause, or a policy as a whole, says of a case. */
enum Standing: string
{
    case Covered = 'covered';
    case NotCovered = 'not-covered';
    case Open = 'open';

    public function label(): string
    {
        return match ($this) {
            self::Covered => 'covered',
            self::NotCovered => 'not covered',
            self::Open => 'open',
        };
    }
}
