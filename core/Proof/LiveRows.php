<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** Rows of a stand that is running: they come a few at a time, each lot with its head. */
final class LiveRows
{
    /** A drawn point stands for so many seconds. */
    private const SPAN = 1.0;

    /** Nothing for so many seconds is a gap. */
    private const GAP = 5.0;

    /**
     * @param string $head of the lots before; empty: this is the first
     * @param float $last time of the last row before, in seconds
     *
     * @throws RecordingError saying what is wrong with the lot; none of it counts then
     */
    public static function after(string $csv, string $head, float $last): Recording
    {
        $rows = Recording::read($csv, 1);
        if ('' !== $head && self::head($csv) !== $head) {
            throw RecordingError::otherHead(self::head($csv), $head);
        }
        if ('' !== $head && $rows->times[0] <= $last) {
            throw RecordingError::backInTimeOfRun($rows->times[0], $last);
        }

        return $rows;
    }

    public static function head(string $csv): string
    {
        return trim(strtok($csv, "\n") ?: '', "\r\n\u{FEFF}");
    }

    /** The rows without their head, each with its line end. */
    public static function body(string $csv): string
    {
        $end = strpos($csv, "\n");

        return false === $end ? '' : rtrim(str_replace("\r", '', substr($csv, $end + 1)), "\n")."\n";
    }

    /**
     * The points that a lot adds to what is drawn.
     *
     * @param float $start time of the first row of the run, in seconds
     *
     * @return list<DrawnPoint>
     */
    public static function points(Recording $rows, float $start): array
    {
        return array_map(
            static fn (DrawnPoint $point): DrawnPoint => $point->after($rows->times[0] - $start),
            $rows->drawn(max(1, (int) round($rows->seconds() / self::SPAN))),
        );
    }

    /**
     * The points that can be read: what was stored before such rows were refused may hold numbers beyond any stand.
     *
     * @param list<mixed> $stored
     *
     * @return list<DrawnPoint>
     */
    public static function readable(array $stored): array
    {
        return array_values(array_filter(array_map(DrawnPoint::read(...), $stored)));
    }

    /**
     * So few points that they can be drawn: neighbours go together.
     *
     * @param list<DrawnPoint> $points
     *
     * @return list<DrawnPoint>
     */
    public static function thinned(array $points, int $most): array
    {
        $together = (int) ceil(\count($points) / $most);

        return $together < 2 ? $points : array_map(DrawnPoint::together(...), array_chunk($points, $together));
    }

    /**
     * Where the stand was silent.
     *
     * @param list<DrawnPoint> $points
     *
     * @return list<array{float, float}> from and to, seconds since the first row
     */
    public static function gaps(array $points): array
    {
        $gaps = [];
        for ($i = 1, $n = \count($points); $i < $n; ++$i) {
            if ($points[$i]->t - $points[$i - 1]->t > self::GAP) {
                $gaps[] = [$points[$i - 1]->t, $points[$i]->t];
            }
        }

        return $gaps;
    }
}
