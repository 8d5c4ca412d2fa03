<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Measuring\Size;

/** Fills figures from what a case knows, and works sizes out. */
final readonly class Filler
{
    public function __construct(private FigureRegistry $figures)
    {
    }

    /** @return array<string, string> key => as one would type it; a key with something unknown in it is left out */
    public function typed(Fill $fill, Sources $sources): array
    {
        $typed = [];
        foreach ($fill->keys as $key => $text) {
            $whole = true;
            $text = (string) preg_replace_callback('/\{([^{}]*)\}/', static function (array $found) use ($sources, &$whole): string {
                $value = Expression::of($found[1])->text($sources);
                $whole = $whole && null !== $value;

                return $value ?? '';
            }, $text);
            if ($whole) {
                $typed[$key] = $text;
            }
        }

        return $typed;
    }

    /**
     * The size that a figure makes of readings, at each place where they meet. Its uncertainty comes from moving each
     * reading by its own, one at a time (GUM, JCGM 100, 5.1.3 note 2, numerically).
     */
    public function derive(Fill $fill, Sources $sources): Derived
    {
        $from = $missing = $unread = [];
        foreach ($fill->references() as $reference) {
            $known = $sources->known($reference);
            null === $known ? $missing[] = $reference : $from[$reference] = $known;
            foreach ($known->unread ?? [] as $place) {
                $unread[] = str_contains($place, ': ') ? $place : ($known->name ?? '').': '.$place;
            }
        }
        $typed = $this->typed($fill, $sources);
        if ([] !== $missing) {
            return new Derived($fill, [], $typed, array_values($from), $missing);
        }
        try {
            return new Derived(
                $fill,
                $this->atPlaces($fill, $sources, $from),
                $typed,
                array_values($from),
                [],
                unread: array_values(array_unique($unread)),
            );
        } catch (FigureError $error) {
            return new Derived($fill, [], $typed, array_values($from), [], $error->getMessage());
        }
    }

    /**
     * @param array<string, Known> $from
     *
     * @return list<PlaceSize>
     *
     * @throws FigureError naming the key at fault
     */
    private function atPlaces(Fill $fill, Sources $sources, array $from): array
    {
        $spread = Spread::over($fill->eachOf(), $sources);
        $values = array_map(fn (Meeting $way): float => $this->result($fill, $this->typed($fill, $way->sources)), $spread->ways);
        $ways = array_keys($values);
        if ($spread->isBand) {
            $ways = array_values(
                array_unique([(int) array_search(min($values), $values, true), (int) array_search(max($values), $values, true)])
            );
        }
        $at = [];
        foreach ($ways as $n => $i) {
            $at[] = new PlaceSize(
                $spread->isBand ? (\count($ways) < 2 ? '' : [Derived::LEAST, Derived::LARGEST][$n]) : $spread->ways[$i]->place,
                new Size($values[$i], $this->uncertainty($fill, $spread->ways[$i]->sources, $from, $values[$i])),
            );
        }

        return $at;
    }

    /**
     * @param array<string, Known> $from
     *
     * @throws FigureError naming the key at fault
     */
    private function uncertainty(Fill $fill, Sources $sources, array $from, float $x): float
    {
        $square = 0.0;
        foreach ($from as $reference => $known) {
            $square += $known->u > 0
                ? ($this->result($fill, $this->typed($fill, new Moved($sources, $reference, $known->u))) - $x) ** 2
                : 0.0;
        }

        return sqrt($square);
    }

    /**
     * @param array<string, string> $typed
     *
     * @throws FigureError naming the key at fault
     */
    private function result(Fill $fill, array $typed): float
    {
        [, $outcome] = $this->figures->compute($fill->figure, $typed);
        $result = $outcome->results()[$fill->result] ?? throw new FigureError(
            \sprintf('The figure %s gives no "%s".', $fill->figure, $fill->result),
            null,
        );

        return $result->si()[0];
    }
}
