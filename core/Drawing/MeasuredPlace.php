<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Drawing\Shape\Entry;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Family\Taken;
use Japhrex\Core\Family\TakenAs;

/** Where a measure is taken, laid over the drawing of its part: from where to where, at which places. */
final readonly class MeasuredPlace
{
    private const COLOUR = '#0b5d69';

    /**
     * @param list<Data> $shape lines of the book
     * @param float $scale pixels for a size of 1
     * @param Placed $placed the part on the sheet
     * @param float $hand how large arrows are drawn: 1 on a part of some 230 pixels
     */
    public function __construct(private array $shape, private float $scale, private Placed $placed, private float $hand = 1.0)
    {
    }

    /**
     * @param list<string> $places that are sizes of their own; none: one spot
     *
     * @return string SVG; empty: no solid of the part has that surface
     */
    public function svg(Taken $taken, array $places): string
    {
        $solids = $this->solids($taken);
        if ([] === $solids) {
            return '';
        }
        $solid = $solids[0];

        return match ($taken->as) {
            TakenAs::Across => $this->across($solids, $places),
            TakenAs::Bore => $this->bore($solid, $places),
            TakenAs::Along => $this->along($solid, $places),
            TakenAs::Depth => $this->depth($solid, $taken->surface),
            TakenAs::Face => $this->against($solid, $taken->surface),
            TakenAs::Gap => $this->gap($solid, $taken->surface),
        };
    }

    /** @return array{float, float, float, float}|null left, top, right and bottom on the sheet of what is measured; null: nothing is */
    public function around(Taken $taken): ?array
    {
        $x = $y = [];
        foreach ($this->solids($taken) as $solid) {
            foreach ([$solid->start, $solid->end] as $c) {
                foreach ([[-$solid->wide, -$solid->high], [-$solid->wide, $solid->high], [$solid->wide, $solid->high]] as [$a, $b]) {
                    [$x[], $y[]] = $this->at($solid, [$a, $b, $c]);
                    [$x[], $y[]] = $this->at($solid, [-$a, -$b, $c]);
                }
            }
        }

        return [] === $x || [] === $y ? null : [min($x), min($y), max($x), max($y)];
    }

    /** @return list<MeasuredSolid> of one rank, the nearest to the eye first */
    private function solids(Taken $taken): array
    {
        $roles = match ($taken->as) {
            TakenAs::Across => ['side', 'flank', 'front', 'bore'],
            TakenAs::Bore => ['bore', 'floor', 'front', 'side'],
            TakenAs::Depth => ['floor', 'bore', 'front', 'side'],
            default => ['front', 'side', 'bore', 'flank', 'floor'],
        };
        $found = [];
        $best = \INF;
        $cursor = 0.0;
        foreach ($this->shape as $line) {
            $entry = new Entry($line, $this->scale);
            $start = $line->has('at') ? $entry->size('at', 0.0) : $cursor;
            if ('along' === $entry->lies()) {
                $cursor = $start + $entry->long();
            }
            foreach ($roles as $rank => $role) {
                if ($taken->surface === $entry->named->{$role} && $rank <= $best) {
                    $found = [new MeasuredSolid($entry, $start), ...($rank < $best ? [] : $found)];
                    $best = $rank;
                }
            }
        }

        return $found;
    }

    /**
     * @param non-empty-list<MeasuredSolid> $solids
     * @param list<string> $places
     */
    private function across(array $solids, array $places): string
    {
        $solid = $solids[0];
        if (\count($solids) > 1 && \count($solids) === \count($places) && !$this->isTwoWays($places)) {
            return implode('', array_map(fn (MeasuredSolid $one, int $i): string => $this->arrow(
                $one, [0.0, -$one->high, $one->along(0.5)], [0.0, $one->high, $one->along(0.5)], (string) ($i + 1),
            ), $solids, array_keys($solids)));
        }
        if ($this->isTwoWays($places)) {
            $c = $solid->along(0.5);

            return $this->arrow($solid, [0.0, -$solid->high, $c], [0.0, $solid->high, $c], '1')
                .$this->arrow($solid, [-$solid->wide, 0.0, $solid->end], [$solid->wide, 0.0, $solid->end], '2');
        }
        $count = max(1, \count($places));
        $svg = '';
        for ($i = 0; $i < $count; ++$i) {
            $c = $solid->along(1 - ($i + 0.5) / $count);
            $svg .= $this->arrow($solid, [0.0, -$solid->high, $c], [0.0, $solid->high, $c], $count > 1 ? (string) ($i + 1) : '');
        }

        return $svg;
    }

    /** @param list<string> $places */
    private function bore(MeasuredSolid $solid, array $places): string
    {
        [$high, $wide, $c] = [$solid->openHigh, $solid->openWide, $solid->end];

        return 2 !== \count($places)
            ? $this->arrow($solid, [0.0, -$high, $c], [0.0, $high, $c], '')
            : $this->arrow($solid, [0.0, -$high, $c], [0.0, $high, $c], '1').$this->arrow($solid, [-$wide, 0.0, $c], [$wide, 0.0, $c], '2');
    }

    /** @param list<string> $places */
    private function along(MeasuredSolid $solid, array $places): string
    {
        $below = -$solid->high - 7 * $this->hand / $this->scale;
        $svg = $this->arrow($solid, [0.0, $below, $solid->start], [0.0, $below, $solid->end], '');
        $turn = 2 * \M_PI / max(1, \count($places));
        foreach (\count($places) > 1 ? $places : [] as $i => $place) {
            // The hour of a clock, twelve on top; else evenly, the first on top.
            $angle = 1 === preg_match('/^(\d+) o\'clock/', $place, $m) ? \M_PI / 2 - (int) $m[1] * \M_PI / 6 : \M_PI / 2 - $i * $turn;
            $out = \count($places) > 1 ? 0.5 * ($solid->high + $solid->openHigh) : 0.0;
            $svg .= $this->dot($solid, [$out * cos($angle), $out * sin($angle), $solid->end], (string) ($i + 1));
        }

        return $svg;
    }

    private function depth(MeasuredSolid $solid, string $surface): string
    {
        if ($surface === $solid->entry->named->bore && $solid->isThrough()) {
            return $this->arrow($solid, [0.0, 0.0, $solid->end], [0.0, -$solid->openHigh, $solid->end], '');
        }
        $deep = $surface === $solid->entry->named->front ? 0.0 : $solid->deep();
        if ($deep <= 0.0) {
            return $this->against($solid, $surface);
        }
        $reach = $solid->openHigh > 0.0 ? $solid->openHigh : 0.4 * $solid->high;

        return $this->stroke([$this->at($solid, [0.0, -1.15 * $reach, $solid->end]), $this->at($solid, [0.0, 1.15 * $reach, $solid->end])])
            .$this->arrow($solid, [0.0, 0.0, $solid->end], [0.0, 0.0, $solid->end - $deep], '');
    }

    private function against(MeasuredSolid $solid, string $surface): string
    {
        [$x, $y] = $this->at($solid, $solid->touched($surface));

        $h = $this->hand;

        return $this->stroke([[$x + 26 * $h, $y - 34 * $h], [$x, $y]]).$this->tip([$x + 26 * $h, $y - 34 * $h], [$x, $y]).\sprintf(
            '<g fill="#fff" stroke="%s" stroke-width="%s"><circle cx="%3$s" cy="%4$s" r="%5$s"/><path d="M%3$s %4$sl%6$s %7$s"/></g>',
            self::COLOUR, Pen::number(2.4 * $h), Pen::number($x + 32 * $h), Pen::number($y - 42 * $h), Pen::number(11 * $h),
            Pen::number(4 * $h), Pen::number(-7 * $h),
        );
    }

    private function gap(MeasuredSolid $solid, string $surface): string
    {
        [$x, $y] = $this->at($solid, $solid->touched($surface));

        [$far, $near] = [26 * $this->hand, 3 * $this->hand];

        return $this->stroke([[$x, $y - $far], [$x, $y - $near]]).$this->tip([$x, $y - $far], [$x, $y - $near])
            .$this->stroke([[$x, $y + $far], [$x, $y + $near]]).$this->tip([$x, $y + $far], [$x, $y + $near]);
    }

    /** @param list<string> $places */
    private function isTwoWays(array $places): bool
    {
        return 2 === \count($places) && \in_array('across', $places, true);
    }

    /**
     * @param array{float, float, float} $point a, b, c of the solid, from its middle
     *
     * @return array{float, float} on the sheet
     */
    private function at(MeasuredSolid $solid, array $point): array
    {
        [$x, $y] = $solid->entry->frame->at($solid->a + $point[0], $solid->b + $point[1], $point[2]);

        return [$this->placed->x + $x, $this->placed->y + $y];
    }

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     */
    private function arrow(MeasuredSolid $solid, array $from, array $to, string $number): string
    {
        [$one, $other] = [$this->at($solid, $from), $this->at($solid, $to)];
        $said = '' === $number ? '' : $this->number($other, $one, $number);

        return $this->stroke([$one, $other]).$this->tip($one, $other).$this->tip($other, $one).$said;
    }

    /** @param array{float, float, float} $point */
    private function dot(MeasuredSolid $solid, array $point, string $number): string
    {
        [$x, $y] = $this->at($solid, $point);

        return \sprintf(
            '<circle cx="%s" cy="%s" r="%s" fill="#fff" stroke="%s" stroke-width="%s"/>%s',
            Pen::number($x), Pen::number($y), Pen::number(9 * $this->hand), self::COLOUR, Pen::number(2 * $this->hand),
            $this->words($x, $y, $number),
        );
    }

    /**
     * @param array{float, float} $end
     * @param array{float, float} $other
     */
    private function number(array $end, array $other, string $number): string
    {
        $long = max(1.0, hypot($end[0] - $other[0], $end[1] - $other[1]));

        $out = 14 * $this->hand / $long;

        return $this->words($end[0] + $out * ($end[0] - $other[0]), $end[1] + $out * ($end[1] - $other[1]), $number);
    }

    private function words(float $x, float $y, string $words): string
    {
        return \sprintf(
            '<text x="%s" y="%s" text-anchor="middle" font-family="Barlow Semi Condensed, sans-serif" font-size="%s" font-weight="700"'
                .' fill="%s" stroke="#fff" stroke-width="%s" paint-order="stroke">%s</text>',
            Pen::number($x), Pen::number($y + 4.5 * $this->hand), Pen::number(14 * $this->hand), self::COLOUR,
            Pen::number(3 * $this->hand), $words,
        );
    }

    /** @param list<array{float, float}> $points */
    private function stroke(array $points): string
    {
        $path = 'M'.implode('L', array_map(static fn (array $one): string => Pen::number($one[0]).' '.Pen::number($one[1]), $points));

        return \sprintf(
            '<path d="%1$s" fill="none" stroke="#fff" stroke-width="%2$s"/><path d="%1$s" fill="none" stroke="%3$s" stroke-width="%4$s"/>',
            $path, Pen::number(6 * $this->hand), self::COLOUR, Pen::number(2.4 * $this->hand),
        );
    }

    /**
     * The head of an arrow.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function tip(array $from, array $to): string
    {
        $long = max(1e-6, hypot($to[0] - $from[0], $to[1] - $from[1]));
        [$x, $y] = [($to[0] - $from[0]) / $long, ($to[1] - $from[1]) / $long];
        [$back, $side] = [min(9 * $this->hand, 0.45 * $long), min(4 * $this->hand, 0.2 * $long)];
        $corner = static fn (float $side): string => Pen::number($to[0] - $back * $x + $side * $y).' '
            .Pen::number($to[1] - $back * $y - $side * $x);

        return \sprintf(
            '<path d="M%s %sL%sL%sz" fill="%s"/>',
            Pen::number($to[0]), Pen::number($to[1]), $corner($side), $corner(-$side), self::COLOUR,
        );
    }
}
