<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\Book;

/** How long it takes until a part is looked at: what has to come off before it, then the look. */
final class LookTime
{
    /** A look at a part that lies on the bench, and a step whose time the book does not tell, minutes. */
    public const LOOK = 2.0;
    public const STEP = 10.0;

    /** What stands beside the unit needs nothing taken apart, but a call, or the way to the machine. */
    public const AWAY = 8.0;

    /**
     * @param list<string> $off parts that have left the unit
     *
     * @return array<string, float> part => minutes
     */
    public static function minutes(Book $book, array $off): array
    {
        $minutes = [];
        $spent = 0.0;
        foreach ($book->strip as $step) {
            $isOpen = [] !== array_diff($step->removes, $off);
            $spent += $isOpen ? ($step->minutes > 0 ? $step->minutes : self::STEP) : 0.0;
            foreach ($step->removes as $part) {
                $minutes[$part] = self::LOOK + (\in_array($part, $off, true) ? 0.0 : $spent);
            }
        }

        foreach ($book->parts as $part) {
            $minutes[$part->key] ??= $part->isNeighbour ? self::AWAY : self::LOOK + $spent;
        }

        return $minutes;
    }
}
