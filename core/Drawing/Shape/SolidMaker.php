<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Shape;

use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Solid;
use Japhrex\Core\Drawing\Solid\Ball;
use Japhrex\Core\Drawing\Solid\Prism;
use Japhrex\Core\Drawing\Solid\Round;
use Japhrex\Core\Drawing\Solid\Wire;
use Japhrex\Core\Drawing\Stamp;
use Japhrex\Core\Drawing\Thing;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;

/** Makes the solids of a part's shape. */
final readonly class SolidMaker
{
    /**
     * @param list<Data> $shape lines of the book
     * @param float $scale pixels for a size of 1
     *
     * @return array{list<Stamp>, float} from the back to the front; how long they are along the axis
     *
     * @throws BookError naming the line that says no solid
     */
    public static function of(array $shape, float $scale): array
    {
        $stamps = [];
        $cursor = $most = 0.0;
        foreach ($shape as $line) {
            $entry = new Entry($line, $scale);
            $start = $line->has('at') ? $entry->size('at', 0.0) : $cursor;
            array_push($stamps, ...self::stamps($entry, $start));
            if ('along' === $entry->lies()) {
                $cursor = $start + $entry->long();
                $most = max($most, $cursor);
            }
        }
        $order = array_keys($stamps);
        usort($order, static fn (int $x, int $y): int => [round($stamps[$x]->depth, 3), $x] <=> [round($stamps[$y]->depth, 3), $y]);

        return [array_map(static fn (int $i): Stamp => $stamps[$i], $order), $scale * $most];
    }

    /** @return list<Stamp> one for each place where it stands */
    private static function stamps(Entry $entry, float $start): array
    {
        // What lies across or upright is told from where it stands on the axis.
        [$moreA, $moreB, $c] = match ($entry->lies()) {
            'up' => [$start, 0.0, $entry->size('from', 0.0)],
            'across' => [0.0, $start, $entry->size('from', 0.0)],
            default => [0.0, 0.0, $start],
        };
        $things = $stamps = [];
        foreach ($entry->places() as [$a, $b, $turn]) {
            $turn = $entry->kind()->isRound() ? 0.0 : $turn;
            $thing = $things[(string) $turn] ??= new Thing(self::solids($entry, $c, $turn));
            [$x, $y] = $entry->frame->at($a + $moreA, $b + $moreB, 0.0);
            $stamps[] = new Stamp($thing, $x, $y, $thing->depth + $entry->frame->depth($a + $moreA, $b + $moreB, 0.0));
        }

        return $stamps;
    }

    /** @return non-empty-list<Solid> around the axis, beginning at c */
    private static function solids(Entry $entry, float $c, float $turn): array
    {
        [$first, $second, $third, $fourth] = $entry->sizes() + [0.0, 0.0, 0.0, 0.0];
        $bore = static fn (float $radius): Opening => Opening::round(0.0, 0.0, $radius, null, $entry->named->bore);

        return match ($entry->kind()) {
            Kind::Rod => [self::round($entry, $c, $first, $first)],
            Kind::Cone => [self::round($entry, $c, $first, $second)],
            Kind::Ring => [self::round($entry, $c, $first, $first, [$bore($second / 2)])],
            Kind::InnerGear => [self::round($entry, $c, $first, $first, [Opening::of(
                Outline::moved(Outline::gear($second / 2, $second / 2 - max(2.5, $second / max(1.0, $third)), (int) $third), 0, 0, $turn),
                null,
                $entry->named->bore,
            )])],
            Kind::Gear => [self::prism(
                $entry, $c, $turn, Outline::gear($first / 2, $first / 2 - max(3.0, 1.1 * $first / max(1.0, $second)), (int) $second),
            )],
            Kind::Spline => [self::prism($entry, $c, $turn, Outline::gear($first / 2, 0.45 * $first, (int) $second))],
            Kind::Corners => [self::prism($entry, $c, $turn, Outline::regular($first / 2, (int) $second))],
            Kind::Slotted => [self::prism($entry, $c, $turn, Outline::slotted($first / 2, $second, $third, (int) $fourth))],
            Kind::OpenRing => [self::prism($entry, $c, $turn, Outline::openRing($first / 2, $second / 2, $third ?: 30.0))],
            Kind::Crescent => [self::prism($entry, $c, $turn, Outline::crescent($first / 2, $second / 2, $third, $fourth))],
            Kind::Poly => [self::prism($entry, $c, $turn, array_map(
                static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0],
                $entry->data->lists('poly'),
            ))],
            Kind::Plate, Kind::Around => [self::prism($entry, $c, $turn, Openings::outline($entry), Openings::isSmooth($entry))],
            Kind::Ball => [new Ball($entry->frame, 0.0, 0.0, $c + $first / 2, $first / 2, $entry->tone(), $entry->named->side)],
            Kind::Cord => [new Wire(
                $entry->frame,
                array_map(static fn (array $one): array => [$one[0], $one[1], $c], Outline::circle(0, 0, $first / 2, 40)),
                $second,
                $entry->tone(),
                $entry->named->side,
                true,
            )],
            Kind::Hose => [new Wire(
                $entry->frame,
                array_map(
                    static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0, $c + ($one[2] ?? 0.0)],
                    $entry->data->lists('hose'),
                ),
                $entry->size('thick', 8.0),
                $entry->tone(),
                $entry->named->side,
            )],
            Kind::Coil => [OfTheShelf::coil($entry, $c)],
            Kind::Mesh => $second > 0
                ? [self::prism($entry, $c, $turn, Outline::plate($first, $second, 2.0)), ...OfTheShelf::flatSieve($entry, $c)]
                : [self::round($entry, $c, $first, $first, [
                    Opening::round(0, 0, 0.44 * $first, 0.8 * $entry->long(), $entry->named->side),
                ]), ...OfTheShelf::roundSieve($entry, $c)],
            Kind::Screw => OfTheShelf::screw($entry, $c),
            Kind::Balls, Kind::Rollers, Kind::Needles, Kind::Tapers => OfTheShelf::bearing($entry, $c),
            Kind::Lip => OfTheShelf::lipSeal($entry, $c),
        };
    }

    /** @param list<Opening> $more openings of its kind */
    private static function round(Entry $entry, float $c, float $from, float $to, array $more = []): Round
    {
        return new Round(
            $entry->frame, 0.0, 0.0, $c, $c + $entry->long(), $from / 2, $to / 2, $entry->tone(),
            [...$more, ...Openings::of($entry, 0.0)], $entry->named,
        );
    }

    /** @param list<array{float, float}> $outline */
    private static function prism(Entry $entry, float $c, float $turn, array $outline, bool $isSmooth = false): Prism
    {
        return new Prism(
            $entry->frame, Outline::moved($outline, 0.0, 0.0, $turn), $c, $c + $entry->long(), $entry->tone(),
            Openings::of($entry, $turn), $entry->named, $isSmooth,
        );
    }
}
