<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Shape;

use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Outline;

/** Bores and pockets that a line of a shape tells of: `hole`, `bores`, `drilled`, `kidneys`, `pocket`. */
final class Openings
{
    /**
     * @param float $turn degrees by which the solid is turned
     *
     * @return list<Opening>
     */
    public static function of(Entry $entry, float $turn): array
    {
        [$named, $data] = [$entry->named, $entry->data];
        $deep = $data->has('deep') ? $entry->size('deep', 0.0) : null;
        $openings = $data->has('pocket') ? [self::pocket($entry, $turn)] : [];
        if ($data->has('hole')) {
            $openings[] = Opening::round(0.0, 0.0, $entry->size('hole', 0.0) / 2, $deep, $named->bore, $named->floor);
        }
        foreach ($data->lists('bores') as $one) {
            [$a, $b, $diameter] = $one + [0.0, 0.0, 4.0];
            [[$a, $b]] = Outline::moved([[$a, $b]], 0.0, 0.0, $turn);
            $openings[] = Opening::round($a, $b, $diameter / 2, $one[3] ?? null, '');
        }
        [$count, $radius, $degrees, $wide] = $data->numbers('kidneys') + [0.0, 0.0, 60.0, 8.0];
        for ($i = 0; $i < $count; ++$i) {
            $outline = Outline::moved(Outline::kidney($radius, $wide, $degrees), 0.0, 0.0, $turn + 360 * $i / $count);
            $openings[] = Opening::of($outline, $deep, $named->bore, $named->floor);
        }
        [$count, $radius, $diameter] = $data->numbers('drilled') + [0.0, 0.0, 5.0];
        for ($i = 0; $i < $count; ++$i) {
            $angle = deg2rad($entry->size('drilled-from', 0.0) + 360 * $i / $count);
            $openings[] = Opening::round($radius * cos($angle), $radius * sin($angle), $diameter / 2, null, '');
        }

        return $openings;
    }

    /** @return list<array{float, float}> of a plate, of what is drawn around circles, else of a circle */
    public static function outline(Entry $entry): array
    {
        [$first, $second] = $entry->sizes() + [0.0, 0.0];

        return match ($entry->kind()) {
            Kind::Plate => Outline::plate($first, $second, $entry->size('corner', 0.0)),
            Kind::Around => Outline::around(array_map(
                static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0, $one[2] ?? 1.0],
                $entry->data->lists('around'),
            )),
            default => Outline::circle(0.0, 0.0, $first / 2),
        };
    }

    public static function isSmooth(Entry $entry): bool
    {
        return Kind::Plate !== $entry->kind() || $entry->size('corner', 0.0) > 0;
    }

    private static function pocket(Entry $entry, float $turn): Opening
    {
        $pocket = new Entry($entry->data->map('pocket'));
        [$a, $b, $turned] = $pocket->places()[0];

        return Opening::of(
            Outline::moved(Outline::moved(self::outline($pocket), $a, $b, $turned), 0.0, 0.0, $turn),
            $pocket->data->has('deep') ? $pocket->size('deep', 0.0) : null,
            $entry->named->bore,
            $entry->named->floor,
        );
    }
}
