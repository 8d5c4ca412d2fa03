<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Quantity;

/** Two parts that are made alike, such as the two gears of a pump: by how much their sizes differ, beside what is allowed. */
final readonly class Unlike
{
    /** @param Assessment $judged the difference, SI, against the largest that is allowed */
    private function __construct(public Assessment $judged, public Quantity $most)
    {
    }

    /**
     * The difference of the means over the places of each; every place counts as known no better than the worst of its part.
     *
     * @param non-empty-list<PlaceSize> $one
     * @param non-empty-list<PlaceSize> $other
     */
    public static function of(array $one, array $other, Quantity $most): self
    {
        [$a, $b] = [self::mean($one), self::mean($other)];

        return new self(
            (new ReadingVerdict())->judgeSize(new Size(abs($a->x - $b->x), hypot($a->u, $b->u)), new Limits(null, null, $most)),
            $most,
        );
    }

    /** @param non-empty-list<PlaceSize> $places */
    private static function mean(array $places): Size
    {
        return new Size(
            array_sum(array_map(static fn (PlaceSize $one): float => $one->size->x, $places)) / \count($places),
            max(array_map(static fn (PlaceSize $one): float => $one->size->u, $places)),
        );
    }
}
