<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\DrawnPart;
use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Pen;
use Japhrex\Core\Drawing\Placed;
use Japhrex\Core\Drawing\Row;
use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\TakenAs;

/** A unit put together and cut through its axes, made of the same shapes from which it is drawn pulled apart. */
final readonly class SectionDrawing
{
    /** Pixels. */
    private const WIDTH = 980.0;
    private const BETWEEN = 40.0;
    private const MARGIN = 16.0;
    private const HATCH = 7.0;
    private const GAP = 3.0;
    private const LARGEST = 3.2;

    public function __construct(private Book $book)
    {
    }

    /** @throws BookError naming the shape that cannot be drawn */
    public function blank(): Blank
    {
        $lines = $this->lines(1.0);
        $longest = max([1.0, ...array_map(static fn (array $line): float => self::right($line) - self::left($line), $lines)]);
        $scale = min(self::LARGEST, self::WIDTH / $longest);
        $names = array_map(static fn ($part): string => $part->short, $this->book->parts);
        $parts = $spots = [];
        $axes = $labels = '';
        [$x, $y, $high, $wide] = [self::MARGIN, self::MARGIN, 0.0, 0.0];
        foreach ($this->lines($scale) as $line) {
            $row = (new Row(array_map(static fn (array $one): Placed => $one[2], $line)))->labelled($names);
            [$left, $right, $top, $bottom] = self::frame($row);
            if ($x > self::MARGIN && $x + $right - $left > self::WIDTH + 2 * self::MARGIN) {
                [$x, $y, $high] = [self::MARGIN, $y + $high + self::BETWEEN, 0.0];
            }
            [$moveX, $moveY] = [$x - $left, $y - $top];
            foreach ($line as $i => [$key, $areas]) {
                $markup = $this->markup($areas, \count($parts), $this->gaps($key));
                $parts[$key] = \sprintf('transform="translate(%s %s)">%s', Pen::number($moveX), Pen::number($moveY), $markup);
                $placed = $row->parts[$i]->moved($moveX, $moveY);
                $spots[$key] = $placed->middle();
                $labels .= null === $placed->label ? '' : Blank::label($key, $placed->label);
            }
            $axes .= \sprintf('M%s %sH%s', Pen::number($x), Pen::number($moveY), Pen::number($x + $right - $left));
            [$x, $high, $wide] = [$x + $right - $left + self::BETWEEN, max($high, $bottom - $top), max($wide, $x + $right - $left)];
        }

        return new Blank(ceil($wide + self::MARGIN), ceil($y + $high + self::MARGIN), $axes, $parts, $labels, $spots);
    }

    /** @return list<non-empty-list<array{string, list<Area>, Placed}>> by axis: key, areas and hull of each part, put together */
    private function lines(float $scale): array
    {
        $left = $this->book->drawn->shapes;
        $lines = [];
        foreach ([...$this->book->drawn->axes, array_keys($left)] as $axis) {
            $together = new Together($scale);
            $line = $stands = [];
            foreach (array_intersect($axis, array_keys($left)) as $key) {
                $sits = $this->book->drawn->sits[$key] ?? null;
                $areas = true === $sits?->isOut ? [] : Cutter::of($left[$key], $scale);
                unset($left[$key]);
                if ([] === $areas) {
                    continue;
                }
                if (true === $sits?->isTurned) {
                    $long = $scale * SolidMaker::of($this->book->drawn->shapes[$key], 1.0)[1];
                    $areas = array_map(static fn (Area $one): Area => $one->mirrored($long), $areas);
                }
                $other = $stands[$sits->in ?? ''] ?? null;
                $stands[$key] = $at = $together->place($areas, null === $other ? null : $other + $scale * ($sits->at ?? 0.0));
                $areas = array_map(static fn (Area $one): Area => $one->moved($at), $areas);
                $hull = Outline::hull(array_merge(...array_map(static fn (Area $one): array => array_map(
                    static fn (array $point): array => [$point[0], -$point[1]],
                    array_merge(...$one->rings),
                ), $areas)));
                $line[] = [$key, $areas, new Placed(new DrawnPart($key, [], $hull ?: [[0.0, 0.0]], 0.0), 0.0, 0.0)];
            }
            if ([] !== $line) {
                $lines[] = $line;
            }
        }

        return $lines;
    }

    /** @return list<string> surfaces of a part at which a clearance is measured: there it is drawn wider than it is */
    private function gaps(string $part): array
    {
        $gaps = [];
        foreach ($this->book->part($part)->fields ?? [] as $field) {
            if (TakenAs::Gap === $field->taken?->as) {
                $gaps[] = $field->taken->surface;
            }
        }

        return $gaps;
    }

    /**
     * @param list<Area> $areas
     * @param int $count of the part on the sheet: neighbours are hatched the other way, and closer or wider
     * @param list<string> $gaps surfaces that stand off what runs on them
     */
    private function markup(array $areas, int $count, array $gaps): string
    {
        $paths = '';
        foreach ($areas as $area) {
            $paths .= self::path($area->tone, '', 'n', 0.0, implode('', array_map(
                static fn (array $ring): string => self::line($ring).'z',
                $area->rings,
            )));
            if ($area->isHatched) {
                $lines = $area->hatching(0 === $count % 2 ? 45.0 : -45.0, self::HATCH * (1.0 + 0.22 * ($count % 3)));
                $paths .= self::path(7, '', 'w', 0.7, implode('', array_map(self::line(...), $lines)));
            }
            $lines = '';
            foreach ($area->edges as $edge) {
                $off = \in_array($edge->surface, $gaps, true) ? self::GAP : 0.0;
                if ($off > 0.0) {
                    $paths .= self::path(0, '', 'w', $off, self::line($edge->inwards($off / 2)));
                }
                if ('' !== $edge->surface) {
                    // Within the part, so that what is graded does not reach into its neighbour.
                    $paths .= self::path($area->tone, $edge->surface, 'w', 3.0, self::line($edge->inwards($off + 1.7)));
                }
                $lines .= self::line($edge->inwards($off));
            }
            $paths .= self::path(Face::LINE, '', 'w', 1.1, $lines);
        }

        return \sprintf('<g transform="scale(%s)">%s</g>', round(1 / Pen::FINE, 4), $paths);
    }

    private static function path(int $tone, string $surface, string $line, float $thick, string $path): string
    {
        return '' === $path ? '' : \sprintf(
            '<path ~%d|%s|%s~%s d="%s"/>', $tone, $surface, $line, $thick > 0.0 ? ' stroke-width="'.Pen::fine($thick).'"' : '', $path,
        );
    }

    /** @param list<array{float, float}> $points along the axis and away from it */
    private static function line(array $points): string
    {
        $path = '';
        foreach ($points as $i => [$z, $y]) {
            $path .= (0 === $i ? 'M' : 'L').Pen::fine($z).' '.Pen::fine(-$y);
        }

        return $path;
    }

    /** @param non-empty-list<array{string, list<Area>, Placed}> $line */
    private static function left(array $line): float
    {
        return min(array_map(static fn (array $one): float => $one[2]->part->left(), $line));
    }

    /** @param non-empty-list<array{string, list<Area>, Placed}> $line */
    private static function right(array $line): float
    {
        return max(array_map(static fn (array $one): float => $one[2]->part->right(), $line));
    }

    /** @return array{float, float, float, float} left, right, top and bottom with the names */
    private static function frame(Row $row): array
    {
        $left = $top = \INF;
        $right = $bottom = -\INF;
        foreach ($row->parts as $one) {
            $half = null === $one->label ? 0.0 : Row::wide($one->label->words) / 2;
            $left = min($left, $one->part->left(), ($one->label->x ?? \INF) - $half);
            $right = max($right, $one->part->right(), ($one->label->x ?? -\INF) + $half);
            $top = min($top, $one->part->top(), ($one->label->from ?? \INF) - Row::HIGH);
            $bottom = max($bottom, $one->part->bottom(), ($one->label->from ?? -\INF) + Row::HIGH);
        }

        return [$left, $right, $top, $bottom];
    }
}
