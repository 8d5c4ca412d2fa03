<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Measuring\PlaceSize;

/**
 * The ways in which sizes at several places meet. Those of one part with the same places meet place by place; those of two
 * parts, which turn against each other or carry marks of their own, do not pair, so that any may meet any, and what is
 * worked out from them is a band.
 */
final readonly class Spread
{
    /** More ways than this are not tried; then the outermost of each alone. */
    private const MOST = 400;

    /**
     * @param non-empty-list<Meeting> $ways
     * @param bool $isBand any pairing may occur: of all ways the least and the largest count
     */
    private function __construct(public array $ways, public bool $isBand)
    {
    }

    /** @param list<string> $references what is taken place by place */
    public static function over(array $references, Sources $sources): self
    {
        $groups = [];
        $banded = false;
        foreach (array_unique($references) as $reference) {
            $known = $sources->known($reference);
            if (null !== $known && [] !== $known->at) {
                $banded = $banded || [Derived::LEAST, Derived::LARGEST] === $known->places();
                $groups[explode('/', $reference)[0]."\n".implode("\n", $known->places())][$reference] = $known;
            }
        }
        $ways = [['place' => '', 'chosen' => []]];
        foreach ($groups as $group) {
            $next = [];
            $first = reset($group);
            $places = \count($ways) * \count($first->at) > self::MOST ? self::outermost($group) : array_keys($first->at);
            foreach ($ways as $way) {
                foreach ($places as $i) {
                    $next[] = [
                        'place' => $first->at[$i]->place,
                        'chosen' => $way['chosen'] + array_map(static fn (Known $known): Known => $known->onlyAt($i), $group),
                    ];
                }
            }
            $ways = $next;
        }

        $ways = [] === $ways ? [['place' => '', 'chosen' => []]] : $ways;

        return new self(
            array_map(
                static fn (array $way): Meeting => new Meeting(
                    $way['place'],
                    [] === $way['chosen'] ? $sources : new Chosen($sources, $way['chosen']),
                ),
                $ways,
            ),
            \count($groups) > 1 || $banded,
        );
    }

    /**
     * @param non-empty-array<string, Known> $group
     *
     * @return list<int>
     */
    private static function outermost(array $group): array
    {
        $places = [];
        foreach ($group as $known) {
            $places[] = self::index($known, $known->take(Take::Least));
            $places[] = self::index($known, $known->take(Take::Largest));
        }

        return array_values(array_unique($places));
    }

    private static function index(Known $known, float $size): int
    {
        return (int) array_search($size, array_map(static fn (PlaceSize $one): float => $one->size->x, $known->at), true);
    }
}
