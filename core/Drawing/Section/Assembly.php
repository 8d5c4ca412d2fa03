<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\DrawnPart;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Placed;
use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Shapes;
use Japhrex\Core\Family\Sits;

/** The cut parts of a unit where they are when it is put together. */
final readonly class Assembly
{
    /**
     * @return list<non-empty-list<array{string, list<Area>, Placed}>> key, areas and hull of each part; parts that sit in each other
     *                                                                 are of one line
     *
     * @throws BookError naming the shape that cannot be drawn
     */
    public static function lines(Shapes $drawn, float $scale): array
    {
        $lines = [];
        foreach (self::groups($drawn) as $group) {
            $together = new Together($scale);
            $line = $stands = [];
            foreach ($group as $key) {
                $sits = $drawn->sits[$key] ?? Sits::anywhere();
                $areas = self::areas($drawn, $key, $scale);
                if ([] === $areas) {
                    continue;
                }
                [$along, $across] = $stands[$sits->in] ?? [null, 0.0];
                $across += $scale * $sits->across;
                $areas = array_map(static fn (Area $one): Area => $one->moved(0.0, $across), $areas);
                $along = $together->place($areas, null === $along ? null : $along + $scale * $sits->at);
                $stands[$key] = [$along, $across];
                $areas = array_map(static fn (Area $one): Area => $one->moved($along), $areas);
                $line[] = [$key, $areas, new Placed(new DrawnPart($key, [], self::hull($areas), 0.0), 0.0, 0.0)];
            }
            if ([] !== $line) {
                $lines[] = $line;
            }
        }

        return $lines;
    }

    /** @return list<Area> of a part as it lies in the section, before it is moved to its place */
    private static function areas(Shapes $drawn, string $key, float $scale): array
    {
        $sits = $drawn->sits[$key] ?? Sits::anywhere();
        $shape = $drawn->cut[$key] ?? $drawn->shapes[$key];
        $areas = $sits->isOut ? [] : Cutter::of($shape, $scale);
        if ($sits->isTurned) {
            $long = $scale * SolidMaker::of($shape, 1.0)[1];
            $areas = array_map(static fn (Area $one): Area => $one->mirrored($long), $areas);
        }

        return $sits->isUpright ? array_map(static fn (Area $one): Area => $one->upright(), $areas) : $areas;
    }

    /** @return list<list<string>> keys by axis; a part that sits in one of another axis stands with that */
    private static function groups(Shapes $drawn): array
    {
        $of = $groups = [];
        $rest = array_diff(array_keys($drawn->shapes), array_merge(...$drawn->axes));
        foreach ([...$drawn->axes, $rest] as $axis => $parts) {
            foreach (array_intersect($parts, array_keys($drawn->shapes)) as $key) {
                $of[$key] = $of[$drawn->sits[$key]->in ?? ''] ?? $axis;
                $groups[$of[$key]][] = $key;
            }
        }

        return array_values($groups);
    }

    /**
     * @param non-empty-list<Area> $areas
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function hull(array $areas): array
    {
        $points = array_merge(...array_map(static fn (Area $one): array => array_map(
            static fn (array $point): array => [$point[0], -$point[1]],
            array_merge(...$one->rings),
        ), $areas));

        return Outline::hull($points) ?: [[0.0, 0.0]];
    }
}
