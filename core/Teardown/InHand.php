<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\StripStep;

/** Which step was being worked on at a time: a picture is taken before the step that it belongs to is closed. */
final class InHand
{
    /** A step that was closed later than this after a picture was not yet in hand then, seconds. */
    private const BEFORE = 2 * 3600;

    /** What came off last still lies there this long, seconds. */
    private const AFTER = 1800;

    /**
     * The step that a picture belongs to: what was in hand when it was taken; without a time, the step that brings its part to light.
     *
     * @param array<string, \DateTimeImmutable> $closed key of a step => when it was closed
     */
    public static function belonging(Book $book, array $closed, ?\DateTimeImmutable $taken, ?string $part): ?StripStep
    {
        $step = null === $taken ? null : self::at($book, $closed, $taken);
        foreach (null === $step && null !== $part ? $book->strip : [] as $candidate) {
            $step = \in_array($part, $candidate->removes, true) ? $candidate : $step;
        }

        return $step;
    }

    /** @param array<string, \DateTimeImmutable> $closed key of a step => when it was closed */
    public static function at(Book $book, array $closed, \DateTimeImmutable $time): ?StripStep
    {
        $next = $last = null;
        foreach ($closed as $key => $at) {
            $ahead = $at->getTimestamp() - $time->getTimestamp();
            if ($ahead >= 0 && $ahead <= self::BEFORE && (null === $next || $at < $closed[$next])) {
                $next = $key;
            }
            if ($ahead < 0 && -$ahead <= self::AFTER && (null === $last || $at > $closed[$last])) {
                $last = $key;
            }
        }
        $key = $next ?? $last;

        return null === $key ? null : $book->strip[$key] ?? null;
    }
}
