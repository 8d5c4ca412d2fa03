<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Damage\FindingKind;

/** What the finds of a unit say to a known weak place: nobody has to tick what was graded. */
enum WatchAnswer
{
    /** Damage was found at that very place. */
    case Found;
    /** The place, or the whole part, was looked at and is good. */
    case Clean;
    /** The part was looked at; this place of it is not told. */
    case PartSeen;
    /** Nobody has looked. */
    case Open;

    /**
     * @param list<SeenFinding> $finds on the part of the weak place
     *
     * @return array{self, int|null} with which of the finds answers it; null: none does alone
     */
    public static function to(Watch $watch, array $finds): array
    {
        $surface = explode('/', $watch->place, 2)[1] ?? null;
        $there = static fn (SeenFinding $find): bool => null === $surface || $find->surface === $surface;
        foreach ($finds as $i => $find) {
            if (FindingKind::Damage === $find->kind && ($there($find) || null === $find->surface)) {
                return [self::Found, $i];
            }
        }
        foreach ($finds as $i => $find) {
            if ($find->kind->findsNothing() && ($there($find) || null === $find->surface)) {
                return [self::Clean, $i];
            }
        }

        $looks = array_filter($finds, static fn (SeenFinding $find): bool => $find->kind->isLook());

        return [[] === $looks ? self::Open : self::PartSeen, null];
    }

    /** Is it told how this place looks? */
    public function isAnswered(): bool
    {
        return self::Found === $this || self::Clean === $this;
    }
}
