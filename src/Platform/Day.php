<?php

declare(strict_types=1);

namespace App\Platform;

/** A day as a form sends it: `2026-03-01`. */
final class Day
{
    /** Null where it is no day, the thirtieth of February among them. */
    public static function of(string $typed): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);

        return false === $day || $day->format('Y-m-d') !== $typed ? null : $day;
    }

    /**
     * Null where nothing was typed.
     *
     * @throws ShopError if that is no day
     */
    public static function orNone(string $typed): ?\DateTimeImmutable
    {
        return '' === $typed
            ? null
            : self::of($typed) ?? throw new ShopError(\sprintf('"%s" is no day; expected one as 2026-11-30.', $typed), 422);
    }
}
