<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Quantity;

/**
 * What the sizes at the places of one run say of the shape: their spread under the name that it has there, beside a limit
 * on it where there is one. Zero and scale of the gauge are common to the places and cancel: what is left is its step and
 * the scatter of repeats.
 *
 * Source: ISO 1101, ISO 12181-1 (terms); GUM, JCGM 100, 5.2.2 (what is common cancels in a difference).
 */
final readonly class FormSpread
{
    /**
     * @param string $name range, roundness or flatness
     * @param float $u standard uncertainty of the spread, SI
     * @param float|null $taper change of size a length, signed, no unit; for a form along a length
     * @param Assessment|null $judged against the limit on form; null: the book has none
     */
    public function __construct(
        public Form $form,
        public string $name,
        public float $spread,
        public float $u,
        public ?float $taper = null,
        public ?Assessment $judged = null,
    ) {
    }

    /**
     * @param list<non-empty-list<Quantity>> $places the readings at each place, in the order of the book
     * @param string $name range, roundness or flatness
     * @param Quantity|null $length from the first place to the last
     * @param Quantity|null $most the largest spread allowed
     */
    public static function of(array $places, string $name, Gauging $gauging, ?Quantity $length = null, ?Quantity $most = null): ?self
    {
        if (\count($places) < 2) {
            return null;
        }
        $means = array_map(Scatter::mean(...), $places);
        $form = new Form($means);
        $scatter = Scatter::of($places)->variance;
        $square = 0.0;
        foreach ([array_search($form->min(), $means, true), array_search($form->max(), $means, true)] as $end) {
            $square += $gauging->resolution->si ** 2 / 12 + $scatter / \count($places[$end]);
        }
        $half = 'roundness' === $name ? 2 : 1;
        $size = new Size($form->range() / $half, sqrt($square) / $half);

        return new self(
            $form,
            $name,
            $size->x,
            $size->u,
            null === $length ? null : $form->taper($length->si),
            null === $most ? null : (new ReadingVerdict())->judgeSize($size, new Limits(null, null, $most)),
        );
    }
}
