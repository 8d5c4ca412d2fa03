<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Drawing\Shape\Entry;
use Japhrex\Core\Drawing\Shape\Kind;
use Japhrex\Core\Drawing\Shape\Openings;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Strength\BoltCircle;

/**
 * The face of a part in which screws are, looked at along its axis, with the order in which they are tightened: cross-wise round
 * it, from the one on top.
 */
final readonly class FastenerFace
{
    /**
     * @param list<array{float, float}> $outline in the sizes of the book, y downwards
     * @param list<list<array{float, float}>> $openings what is open in it beside the holes
     * @param list<FastenerHole> $holes in the order in which they are tightened
     */
    private function __construct(public array $outline, public array $openings, public array $holes)
    {
    }

    /**
     * @param list<Data> $shape lines of the book
     *
     * @return self|null null: no solid of it has so many holes of one size
     */
    public static function of(array $shape, int $count): ?self
    {
        foreach (array_reverse($shape) as $line) {
            $entry = new Entry($line);
            $holes = 'along' === $entry->lies() ? self::holes($entry, $count) : [];
            if ([] !== $holes) {
                return new self(self::down(self::outline($entry)), self::open($entry, $holes), self::ordered($holes));
            }
        }

        return null;
    }

    /** @return array{float, float, float, float} left, top, right and bottom */
    public function frame(): array
    {
        [$x, $y] = [array_column($this->outline, 0), array_column($this->outline, 1)];

        return [min([0.0, ...$x]), min([0.0, ...$y]), max([0.0, ...$x]), max([0.0, ...$y])];
    }

    /** @return list<Opening> the holes of one size of which there are so many */
    private static function holes(Entry $entry, int $count): array
    {
        $bySize = [];
        foreach (Openings::of($entry, 0.0) as $one) {
            // What lies in the middle is no screw.
            if ($one->radius > 0.0 && hypot($one->a, $one->b) > $one->radius) {
                $bySize[(string) round($one->radius, 2)][] = $one;
            }
        }

        return array_values(array_filter($bySize, static fn (array $some): bool => \count($some) === $count))[0] ?? [];
    }

    /**
     * @param non-empty-list<Opening> $holes
     *
     * @return list<FastenerHole>
     */
    private static function ordered(array $holes): array
    {
        $middle = [
            array_sum(array_map(static fn (Opening $one): float => $one->a, $holes)) / \count($holes),
            array_sum(array_map(static fn (Opening $one): float => $one->b, $holes)) / \count($holes),
        ];
        // As a clock goes, from the top.
        $clock = static fn (Opening $one): float => fmod(
            2 * \M_PI + atan2($one->a - $middle[0], $one->b - $middle[1]) + 1e-9,
            2 * \M_PI,
        );
        usort($holes, static fn (Opening $one, Opening $other): int => $clock($one) <=> $clock($other));
        $ordered = [];
        foreach ((new BoltCircle(\count($holes)))->order() as $turn => $bolt) {
            $hole = $holes[$bolt - 1];
            $ordered[] = new FastenerHole($hole->a, -$hole->b, $turn + 1);
        }

        return $ordered;
    }

    /** @return list<array{float, float}> */
    private static function outline(Entry $entry): array
    {
        [$first, $second] = $entry->sizes() + [0.0, 0.0];

        return match ($entry->kind()) {
            Kind::Corners => Outline::regular($first / 2, (int) $second),
            Kind::Poly => array_map(static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0], $entry->data->lists('poly')),
            default => Openings::outline($entry),
        };
    }

    /**
     * @param non-empty-list<Opening> $holes
     *
     * @return list<list<array{float, float}>>
     */
    private static function open(Entry $entry, array $holes): array
    {
        $open = [];
        foreach (Openings::of($entry, 0.0) as $one) {
            if (abs($one->radius - $holes[0]->radius) > 1e-6) {
                $open[] = self::down($one->radius > 0.0 ? Outline::circle($one->a, $one->b, $one->radius) : $one->outline);
            }
        }

        return $open;
    }

    /**
     * @param list<array{float, float}> $outline
     *
     * @return list<array{float, float}>
     */
    private static function down(array $outline): array
    {
        return array_map(static fn (array $one): array => [$one[0], -$one[1]], $outline);
    }
}
