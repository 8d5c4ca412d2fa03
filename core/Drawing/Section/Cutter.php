<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\Named;
use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Shape\Entry;
use Japhrex\Core\Drawing\Shape\Kind;
use Japhrex\Core\Drawing\Shape\Openings;
use Japhrex\Core\Drawing\Shape\Stuff;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;

/**
 * What of a part's shape lies in the upright plane through the axis.
 *
 * As on a drawing of the trade: what stands several times in a circle is turned into the plane, teeth are shown whole beside
 * the body of their gear, shafts, balls, wires and screws are not hatched.
 */
final readonly class Cutter
{
    /**
     * @param list<Data> $shape lines of the book
     *
     * @return list<Area> none: the plane does not meet it
     *
     * @throws BookError naming the line that says no solid
     */
    public static function of(array $shape, float $scale): array
    {
        $areas = [];
        $cursor = 0.0;
        foreach ($shape as $line) {
            $entry = new Entry($line);
            $start = $line->has('at') ? $entry->size('at', 0.0) : $cursor;
            foreach (self::places($entry) as [$a, $b, $turn]) {
                array_push($areas, ...match ($entry->lies()) {
                    'along' => self::solids($entry, $start, $a, $b, $turn),
                    'up' => self::solids($entry, $entry->size('from', 0.0), $b, $a + $start, $turn),
                    default => self::across($entry, $start + $b, $a, $turn),
                });
            }
            if ('along' === $entry->lies()) {
                $cursor = $start + $entry->long();
            }
        }

        return array_map(static fn (Area $one): Area => $one->scaled($scale), $areas);
    }

    /** @return list<array{float, float, float}> where it stands; of those in a circle the one that is turned into the plane, or two */
    private static function places(Entry $entry): array
    {
        [$count, $radius] = $entry->data->numbers('round') + [0.0, 0.0];
        if ($count < 1 || 'along' !== $entry->lies()) {
            return $entry->places();
        }
        [$a, $b] = $entry->data->numbers('off') + [0.0, 0.0];

        return 0 === (int) $count % 2 ? [[$a, $b + $radius, 90.0], [$a, $b - $radius, 270.0]] : [[$a, $b + $radius, 90.0]];
    }

    /**
     * @param float $aside how far its middle stands from the plane
     * @param float $height of its middle across it, in the plane
     *
     * @return list<Area>
     */
    private static function solids(Entry $entry, float $c, float $aside, float $height, float $turn): array
    {
        [$first, $second, $third] = $entry->sizes() + [0.0, 0.0, 0.0];
        $upright = 'up' === $entry->lies();
        $end = $c + $entry->long();
        $round = static fn (float $from, float $to): Area => self::turned($entry, $c, $from / 2, $to / 2, $aside, $height, $turn);
        $things = new Things($entry, $upright);
        if ($entry->kind()->isRound() && abs($aside) >= $first / 2) {
            return [];
        }

        return array_values(array_filter(match ($entry->kind()) {
            Kind::Rod, Kind::Ring, Kind::InnerGear => [$round($first, $first)],
            Kind::Cone => [$round($first, $second)],
            Kind::Spline, Kind::Slotted => [$round($first, $first)],
            Kind::Gear => [
                $round($root = $first - 2 * max(3.0, 1.1 * $first / max(1.0, $second)), $root),
                ...$things->teeth($c, $root / 2, $first / 2, $height),
            ],
            Kind::Plate, Kind::Around => [self::prism($entry, $c, Openings::outline($entry), $aside, $height, $turn)],
            Kind::Corners => [self::prism($entry, $c, Outline::regular($first / 2, (int) $second), $aside, $height, $turn)],
            Kind::OpenRing => [self::prism($entry, $c, Outline::openRing($first / 2, $second / 2, $third ?: 30.0), $aside, $height, $turn)],
            Kind::Crescent => [self::prism(
                $entry, $c, Outline::crescent($first / 2, $second / 2, $third, $entry->sizes()[3] ?? 0.0), $aside, $height, $turn,
            )],
            Kind::Poly => [self::prism($entry, $c, array_map(
                static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0],
                $entry->data->lists('poly'),
            ), $aside, $height, $turn)],
            Kind::Ball => [$things->ball($c + $first / 2, $height, $first / 2)],
            Kind::Coil => $things->coil($c, $height, $first, $second, $third),
            Kind::Cord => $things->cord($c, $height, $first, $second),
            Kind::Screw => $things->screw($c, $height, $first, $second),
            Kind::Balls, Kind::Rollers, Kind::Needles, Kind::Tapers => $things->bearing($c, $height, $first, $second),
            Kind::Lip => $things->lipSeal($c, $height, $first, $second),
            Kind::Mesh => $things->sieve($c, $end, $height, $second > 0 ? $second : $first, $second <= 0),
            Kind::Hose => [],
        }, static fn (Area $one): bool => [] !== $one->rings));
    }

    /** @return list<Area> what lies across the plane: its own outline */
    private static function across(Entry $entry, float $along, float $height, float $turn): array
    {
        $from = $entry->size('from', 0.0);
        [$first, $second] = $entry->sizes() + [0.0, 0.0];
        if ($from > 0.0 || $from + $entry->long() < 0.0) {
            return [];
        }
        $outline = match ($entry->kind()) {
            Kind::Plate, Kind::Around => Outline::moved(Openings::outline($entry), 0.0, 0.0, $turn),
            Kind::Poly => Outline::moved(array_map(
                static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0],
                $entry->data->lists('poly'),
            ), 0.0, 0.0, $turn),
            default => Outline::circle(0.0, 0.0, $first / 2, 24),
        };
        $holes = Kind::Ring === $entry->kind() ? [Opening::round(0, 0, $second / 2, null, $entry->named->bore)] : [];
        $rings = [[$outline, $entry->named->side, 1.0]];
        foreach ([...$holes, ...Openings::of($entry, $turn)] as $one) {
            if (null === $one->depth || $from + $entry->long() - $one->depth <= 0.0) {
                $rings[] = [$one->radius > 0 ? Outline::circle($one->a, $one->b, $one->radius, 24) : $one->outline, $one->surface, -1.0];
            }
        }

        return [Things::outlined(
            array_map(static fn (array $ring): array => [
                // Across it a leads upwards and b along the axis.
                array_map(static fn (array $one): array => [$along + $one[1], $height + $one[0]], $ring[0]), $ring[1], $ring[2],
            ], $rings),
            $entry->tone(),
            self::isHatched($entry),
        )];
    }

    private static function turned(Entry $entry, float $c, float $r0, float $r1, float $aside, float $height, float $turn): Area
    {
        $chord = static fn (float $r): array => abs($aside) < $r
            ? [[$height - sqrt($r ** 2 - $aside ** 2), $height + sqrt($r ** 2 - $aside ** 2)]]
            : [];
        [$begins, $ends] = [$chord($r0), $chord($r1)];
        if ([] === $begins || [] === $ends) {
            return new Area([], [], 0, false);
        }
        $sizes = $entry->sizes() + [0.0, 0.0];
        $more = match ($entry->kind()) {
            Kind::Ring, Kind::InnerGear => [Opening::round(0.0, 0.0, $sizes[1] / 2, null, $entry->named->bore)],
            default => [],
        };

        return self::slicer($entry)->cut(
            $c, $c + $entry->long(), $begins, $ends, self::openings($entry, $more, $aside, $height, $turn),
            Stuff::Rubber->tone() !== $entry->tone(),
        );
    }

    /** @param list<array{float, float}> $outline */
    private static function prism(Entry $entry, float $c, array $outline, float $aside, float $height, float $turn): Area
    {
        $heights = self::heights(Outline::moved($outline, 0.0, 0.0, $turn), $aside, $height, 'up' === $entry->lies());

        return [] === $heights ? new Area([], [], 0, false) : self::slicer($entry)->cut(
            $c, $c + $entry->long(), $heights, $heights, self::openings($entry, [], $aside, $height, $turn),
            Stuff::Rubber->tone() !== $entry->tone(),
        );
    }

    private static function slicer(Entry $entry): Slicer
    {
        return new Slicer(new Named(
            $entry->named->front, $entry->named->side, $entry->named->bore, $entry->named->floor, $entry->named->flank,
        ), $entry->tone(), self::isHatched($entry), 'up' === $entry->lies());
    }

    /** What is solid and of steel is a shaft, a pin, a roller: shown whole. */
    private static function isHatched(Entry $entry): bool
    {
        $isOpen = array_filter(['hole', 'bores', 'drilled', 'kidneys', 'pocket'], $entry->data->has(...));

        return [] !== $isOpen || $entry->tone() > 1
            || !\in_array($entry->kind(), [Kind::Rod, Kind::Cone, Kind::Spline, Kind::Gear, Kind::Corners], true);
    }

    /**
     * @param list<Opening> $more of its kind
     *
     * @return list<array{float, float, Opening}> heights between which each is open in the plane
     */
    private static function openings(Entry $entry, array $more, float $aside, float $height, float $turn): array
    {
        $upright = 'up' === $entry->lies();
        $cut = [];
        foreach ([...$more, ...Openings::of($entry, $turn)] as $one) {
            [$off, $at] = $upright ? [$one->b, $one->a] : [$one->a, $one->b];
            $off += $aside;
            $heights = match (true) {
                $one->radius <= 0 => self::heights($one->outline, $aside, $height, $upright),
                abs($off) < $one->radius => [[
                    $height + $at - sqrt($one->radius ** 2 - $off ** 2), $height + $at + sqrt($one->radius ** 2 - $off ** 2),
                ]],
                default => [],
            };
            foreach ($heights as [$low, $high]) {
                $cut[] = [$low, $high, $one];
            }
        }

        return [...$cut, ...self::turnedIn($entry, $height, $cut)];
    }

    /**
     * Holes in a circle, of which none lies in the plane, are turned into it.
     *
     * @param list<array{float, float, Opening}> $cut those that do
     *
     * @return list<array{float, float, Opening}>
     */
    private static function turnedIn(Entry $entry, float $height, array $cut): array
    {
        $turned = [];
        foreach (['drilled' => [0.0, 0.0, 5.0], 'kidneys' => [0.0, 0.0, 60.0, 8.0]] as $key => $else) {
            $sizes = $entry->data->numbers($key) + $else;
            [$count, $radius, $half] = [(int) $sizes[0], $sizes[1], ($sizes[3] ?? $sizes[2]) / 2];
            $isCut = [] !== array_filter(
                $cut,
                static fn (array $one): bool => abs(abs($one[0] + $one[1] - 2 * $height) / 2 - $radius) < $half,
            );
            foreach ($count < 1 || $isCut ? [] : (0 === $count % 2 ? [1, -1] : [1]) as $side) {
                $deep = 'kidneys' === $key && $entry->data->has('deep') ? $entry->size('deep', 0.0) : null;
                $at = $height + $side * $radius;
                $turned[] = [$at - $half, $at + $half, Opening::round(
                    0.0, $side * $radius, $half, $deep, 'kidneys' === $key ? $entry->named->bore : '', $entry->named->floor,
                )];
            }
        }

        return $turned;
    }

    /**
     * @param list<array{float, float}> $outline around its own middle
     *
     * @return list<array{float, float}> between which heights there is something of it in the plane
     */
    private static function heights(array $outline, float $aside, float $height, bool $upright): array
    {
        // A hair beside the plane, so that no corner lies in it.
        $ring = array_map(static fn (array $one): array => $upright
            ? [$one[0] + $height, $one[1] + $aside + 1e-4]
            : [$one[1] + $height, $one[0] + $aside + 1e-4], $outline);

        return (new Area([$ring], [], 0, false))->at(0.0);
    }
}
