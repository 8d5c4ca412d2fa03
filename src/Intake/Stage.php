<?php

declare(strict_types=1);

namespace App\Intake;

/** How far a case has come. It moves on by itself when work of a later stage begins. */
enum Stage: string
{
    case Intake = 'intake';
    case Strip = 'strip';
    case Parts = 'parts';
    case Chain = 'chain';
    case Verdict = 'verdict';
    case Signed = 'signed';

    public function label(): string
    {
        return match ($this) {
            self::Intake => 'Taken in',
            self::Strip => 'On the strip bench',
            self::Parts => 'Parts being judged',
            self::Chain => 'Chain',
            self::Verdict => 'Awaiting signature',
            self::Signed => 'Signed',
        };
    }

    /** Work never moves a case back; only a new revision does. */
    public function mayMoveTo(self $next): bool
    {
        if (self::Signed === $this) {
            return self::Verdict === $next;
        }

        return array_search($next, self::cases(), true) > array_search($this, self::cases(), true);
    }
}
