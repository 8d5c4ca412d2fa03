<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\Book;

/** What has to change outside the unit, or the failure returns, whatever is done inside. */
final class Outside
{
    private const NOTHING = 'Nothing outside the unit, as far as is known.';

    public static function of(OriginKind $origin, Book $book): string
    {
        return $book->upkeep->outside[$origin->value] ?? match ($origin) {
            OriginKind::Contamination => 'Tank, lines and cooler flushed, suction strainer and filters new, breather closed to '
                .'dust; first oil sample '
                    .'after 50 hours.',
            OriginKind::LeftoverDebris => 'Cooler, lines and tank replaced or flushed until a sample is clean; what cannot be '
                .'flushed is replaced.',
            OriginKind::WrongFluid => 'The whole system drained, flushed and filled with the fluid that the maker names.',
            OriginKind::NeglectedService => 'Service at the maker’s intervals, written down; strainer, level and cooler looked '
                .'at each time.',
            OriginKind::Overload => 'Relief and power settings set with a gauge before the unit is loaded, and the duty kept '
                .'within its rating.',
            OriginKind::Installation => 'Alignment, coupling and suction line put right before it runs; the worn coupling half '
                .'replaced with its mate.',
            OriginKind::DesignWeakness => 'The known weak place looked at in every sister unit before it fails.',
            default => self::NOTHING,
        };
    }

    /** Is it still there when the unit is whole again? What was wrong inside has gone with the repair. */
    public static function stays(OriginKind $origin, Book $book): bool
    {
        return self::NOTHING !== self::of($origin, $book);
    }

    /** The same for a user who is told by the book what to do at his machine anyway; empty: nothing besides. */
    public static function besides(OriginKind $origin, Book $book): string
    {
        return self::stays($origin, $book) ? self::of($origin, $book) : '';
    }
}
