<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** What a closed chain must satisfy. */
enum ClosureRule: string
{
    case ComplaintUnexplained = 'complaint-unexplained';
    case FindingLeftOut = 'finding-left-out';
    case NoCarrier = 'no-carrier';
    case EffectBeforeCause = 'effect-before-cause';
    case Loop = 'loop';
    case OriginWithoutEvidence = 'origin-without-evidence';
    case EarlierOriginOpen = 'earlier-origin-open';
    case SmallPartMissing = 'small-part-missing';
    case NotLookedAt = 'not-looked-at';
    case LeftShut = 'left-shut';
    case AlternativeOpen = 'alternative-open';

    /** A signature may stand over it, but the report calls the diagnosis provisional. */
    public function isOnlyProvisional(): bool
    {
        return self::NotLookedAt === $this || self::LeftShut === $this;
    }
}
