<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Shape;

use Japhrex\Core\Drawing\Named;
use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Solid;
use Japhrex\Core\Drawing\Solid\Ball;
use Japhrex\Core\Drawing\Solid\Prism;
use Japhrex\Core\Drawing\Solid\Round;
use Japhrex\Core\Drawing\Solid\Wire;

/** Things of the shelf that are made of several solids: a screw, a bearing, a lip seal, a spring, the wires of a sieve. */
final class OfTheShelf
{
    /** @return non-empty-list<Solid> shank first, its head towards the front */
    public static function screw(Entry $entry, float $c): array
    {
        [$diameter, $long] = $entry->sizes() + [6.0, 20.0];
        [$frame, $tone, $named] = [$entry->frame, $entry->tone(), $entry->named];
        $shank = static fn (float $from, float $to, float $share, int $darker): Round => new Round(
            $frame, 0.0, 0.0, $c + $from, $c + $to, $share * $diameter, 0.5 * $diameter, $tone + $darker, [], $named,
        );
        $rings = max(2, (int) round(min($long, 2.2 * $diameter) / 3));

        return [
            ...array_map(static fn (int $i): Round => $shank(3 * $i, 3 * $i + 3, 0.42, 1), range(0, $rings - 1)),
            $shank(3 * $rings, $long, 0.5, 0),
            new Prism(
                $frame, Outline::moved(Outline::regular(0.92 * $diameter, 6), 0, 0, 30), $c + $long, $c + $long + 0.65 * $diameter, $tone,
            ),
        ];
    }

    /** @return non-empty-list<Solid> outer race, what rolls, inner race where it has one */
    public static function bearing(Entry $entry, float $c): array
    {
        [$outer, $inner] = $entry->sizes() + [40.0, 20.0];
        $kind = $entry->kind();
        [$frame, $tone, $end, $wall] = [$entry->frame, $entry->tone(), $c + $entry->long(), ($outer - $inner) / 2];
        $race = $entry->named->side ?: $entry->named->front;
        $named = new Named($race, $race, $race);
        $ring = static fn (float $from, float $to, float $hole): Round => new Round(
            $frame, 0.0, 0.0, $c, $end, $from, $to, $tone, [Opening::round(0, 0, $hole, null, $race)], $named,
        );
        $roller = static fn (float $a, float $b, float $share): Round => new Round(
            $frame, $a, $b, $c, $end, $share * $wall, $share * $wall, $tone, [], $named,
        );
        $middle = ($outer + $inner) / 4;
        $room = Kind::Needles === $kind ? 4.0 : 0.62 * $wall;
        $rolls = array_map(static fn (array $one): Solid => match ($kind) {
            Kind::Balls => new Ball($frame, $one[0], $one[1], $end - 0.22 * $wall, 0.25 * $wall, $tone, $race),
            Kind::Needles => $roller($one[0], $one[1], 0.16),
            default => $roller($one[0], $one[1], 0.22),
        }, Outline::circle(0, 0, $middle, (int) min(20, max(8, round(2 * \M_PI * $middle / $room)))));
        if (Kind::Needles === $kind) {
            return [$ring($outer / 2, $outer / 2, $outer / 2 - 0.3 * $wall), ...$rolls];
        }
        $taper = Kind::Tapers === $kind ? 0.18 * $wall : 0.0;

        return [
            $ring($outer / 2, $outer / 2 - $taper, $outer / 2 - 0.3 * $wall), ...$rolls,
            $ring($inner / 2 + 0.3 * $wall, $inner / 2 + 0.3 * $wall - $taper, $inner / 2),
        ];
    }

    /** @return non-empty-list<Solid> its shell, and the lip with its spring */
    public static function lipSeal(Entry $entry, float $c): array
    {
        [$outer, $inner] = $entry->sizes() + [30.0, 18.0];
        [$frame, $end, $named, $wall] = [$entry->frame, $c + $entry->long(), $entry->named, $outer - $inner];
        $shell = Opening::round(0, 0, $outer / 2 - 0.12 * $wall, 0.7 * $entry->long(), $named->side, $named->side);
        $lip = Opening::round(0, 0, $inner / 2, null, $named->front);
        if ($entry->data->flag('turned')) {
            // Its back: the shell is closed but for the edge of the lip.
            $back = Opening::round(0, 0, ($inner + 0.3 * $wall) / 2, 0.5 * $entry->long(), $named->front, $named->front);

            return [
                new Round($frame, 0, 0, $c, $end, $outer / 2, $outer / 2, 3, [$back], new Named($named->side, $named->side)),
                new Round(
                    $frame, 0, 0, $c + 0.2 * $entry->long(), $c + 0.6 * $entry->long(), ($inner + 0.28 * $wall) / 2,
                    $inner / 2 + 1.0, 6, [$lip], new Named($named->front, $named->front),
                ),
            ];
        }

        return [
            new Round($frame, 0, 0, $c, $end, $outer / 2, $outer / 2, 3, [$shell], new Named($named->side, $named->side)),
            new Round(
                $frame, 0, 0, $c + 0.3 * $entry->long(), $end - 0.5, ($inner + 0.45 * $wall) / 2, $inner / 2 + 1.5, 6, [$lip],
                new Named($named->front, $named->front),
            ),
            new Wire($frame, self::circle(0.5 * $inner + 0.14 * $wall, $end - 1), 2.2, 2, $named->front, true),
        ];
    }

    /** A spring of round wire. */
    public static function coil(Entry $entry, float $c): Wire
    {
        [$diameter, $wire, $coils] = $entry->sizes() + [12.0, 2.0, 6.0];
        // A small one needs fewer corners to look round.
        $steps = (int) ($coils * ($entry->frame->scale * $diameter > 24 ? 16 : 9));
        $line = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $angle = 2 * \M_PI * $coils * $i / $steps;
            $radius = ($diameter - $wire) / 2;
            $line[] = [$radius * cos($angle), $radius * sin($angle), $c + $wire / 2 + ($entry->long() - $wire) * $i / $steps];
        }

        return new Wire($entry->frame, $line, $wire, $entry->tone(), $entry->named->side);
    }

    /** @return list<Solid> the wires of a flat sieve */
    public static function flatSieve(Entry $entry, float $c): array
    {
        [$wide, $high] = $entry->sizes() + [30.0, 30.0];
        $end = $c + $entry->long();
        $wires = [];
        for ($i = 1; $i < 8; ++$i) {
            [$a, $b] = [$wide * ($i / 8 - 0.5), $high * ($i / 8 - 0.5)];
            $wires[] = self::wire($entry, [[$a, -$high / 2, $end], [$a, $high / 2, $end]]);
            $wires[] = self::wire($entry, [[-$wide / 2, $b, $end], [$wide / 2, $b, $end]]);
        }

        return $wires;
    }

    /** @return list<Solid> the wires of a basket, as far as they are seen */
    public static function roundSieve(Entry $entry, float $c): array
    {
        $radius = ($entry->sizes()[0] ?? 30.0) / 2;
        $point = static fn (float $angle, float $c): array => [$radius * cos($angle), $radius * sin($angle), $c];
        $wires = [];
        for ($i = 0; $i < 9; ++$i) {
            $angle = $entry->frame->facing - 1.35 + 2.7 * $i / 8;
            $wires[] = self::wire($entry, [$point($angle, $c), $point($angle, $c + $entry->long())]);
        }
        for ($k = 1; $k < 7; ++$k) {
            $at = $c + $entry->long() * $k / 7;
            $wires[] = self::wire($entry, array_map(
                static fn (int $i): array => $point($entry->frame->facing - 1.5 + 3.0 * $i / 12, $at),
                range(0, 12),
            ));
        }

        return $wires;
    }

    /** @param list<array{float, float, float}> $line */
    private static function wire(Entry $entry, array $line): Wire
    {
        return new Wire($entry->frame, $line, 0.7, $entry->tone() + 2, $entry->named->side);
    }

    /** @return list<array{float, float, float}> */
    private static function circle(float $radius, float $c): array
    {
        return array_map(static fn (array $one): array => [$one[0], $one[1], $c], Outline::circle(0, 0, $radius));
    }
}
