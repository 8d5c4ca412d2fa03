<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What the finds of a case say as a whole. */
enum Says: string
{
    /** One origin stands out. */
    case Decided = 'decided';
    /** Each complaint has an origin of its own. */
    case Several = 'several';
    /** The finds do not decide: looks would. */
    case Open = 'open';
    /** They do not decide, and what would have decided is gone: it came stripped or washed. */
    case Lost = 'lost';
    /** What was read and seen clears the unit: the complaint lies outside it. */
    case UnitSound = 'unit-sound';

    /** As `diagnose` says it. */
    public function plain(): string
    {
        return match ($this) {
            self::Several => self::Decided->value,
            self::Lost => self::Open->value,
            default => $this->value,
        };
    }
}
