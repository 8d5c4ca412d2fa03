<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** What was really used of the kits and of what was bought, beside what the plan wanted. */
final class KitCheck
{
    public const USED = 'used';
    public const LEFT = 'left';

    /**
     * @param list<string> $planned parts that the plan renews
     *
     * @throws KitError if something that was to go in is left over without a reason
     */
    public static function allow(string $part, string $state, string $why, array $planned): void
    {
        if (!\in_array($state, [self::USED, self::LEFT], true)) {
            throw KitError::state();
        }
        if (self::LEFT === $state && '' === trim($why) && \in_array($part, $planned, true)) {
            throw KitError::noReason();
        }
    }

    /** @throws KitError if kit or piece has no name */
    public static function named(string $kit, string $piece): void
    {
        if ('' === trim($kit) || '' === trim($piece)) {
            throw KitError::nameless();
        }
    }

    /**
     * How many pieces of one kind: of a kit that fits several units and came without a sheet.
     *
     * @param string $typed a whole number
     *
     * @throws KitError if it is none, or none of a kit: 1 to 99
     */
    public static function pieces(string $typed): int
    {
        return 1 === preg_match('/^[1-9]\d?$/', trim($typed)) ? (int) $typed : throw KitError::count($typed);
    }

    /**
     * How many of the pieces went in; the others are left over on purpose.
     *
     * @param string $typed a whole number
     *
     * @throws KitError if it is none, or there are not so many
     */
    public static function usedOf(int $pieces, string $typed): int
    {
        if (1 !== preg_match('/^\d{1,2}$/', trim($typed)) || (int) $typed > $pieces) {
            throw KitError::used($pieces, $typed);
        }

        return (int) $typed;
    }

    /**
     * @param list<string> $planned parts that the plan renews
     * @param array<string, string> $ticks part => used or left
     *
     * @return KitState not ticked yet; used though nobody planned it; left over though it was planned
     */
    public static function of(array $planned, array $ticks): KitState
    {
        return new KitState(
            array_values(array_diff($planned, array_keys($ticks))),
            array_values(array_diff(array_keys($ticks, self::USED, true), $planned)),
            array_values(array_intersect(array_keys($ticks, self::LEFT, true), $planned)),
        );
    }
}
