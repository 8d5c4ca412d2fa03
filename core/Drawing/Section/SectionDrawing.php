<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\Pen;
use Japhrex\Core\Drawing\Placed;
use Japhrex\Core\Drawing\Row;
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
    private const LARGEST = 3.2;
    private const THIN = 5.0;

    public function __construct(private Book $book)
    {
    }

    /** @throws BookError naming the shape that cannot be drawn */
    public function blank(): Blank
    {
        $lines = Assembly::lines($this->book->drawn, 1.0);
        $longest = max([1.0, ...array_map(static fn (array $line): float => self::right($line) - self::left($line), $lines)]);
        $scale = min(self::LARGEST, self::WIDTH / $longest);
        $names = array_map(static fn ($part): string => $part->short, $this->book->parts);
        $parts = $spots = [];
        $axes = $labels = '';
        [$x, $y, $high, $wide] = [self::MARGIN, self::MARGIN, 0.0, 0.0];
        foreach (Assembly::lines($this->book->drawn, $scale) as $line) {
            $row = (new Row(array_map(static fn (array $one): Placed => $one[2], $line)))->labelled($names);
            [$left, $right, $top, $bottom] = self::frame($row);
            if ($x > self::MARGIN && $x + $right - $left > self::WIDTH + 2 * self::MARGIN) {
                [$x, $y, $high] = [self::MARGIN, $y + $high + self::BETWEEN, 0.0];
            }
            [$moveX, $moveY] = [$x - $left, $y - $top];
            foreach ($line as $i => [$key, $areas]) {
                $markup = CutInk::of($areas, \count($parts), $this->gaps($key));
                $parts[$key] = \sprintf('transform="translate(%s %s)">%s', Pen::number($moveX), Pen::number($moveY), $markup);
                $placed = $row->parts[$i]->moved($moveX, $moveY);
                $spots[$key] = $placed->middle();
                $labels .= null === $placed->label ? '' : Blank::label($key, $placed->label);
            }
            $axes .= self::axes($line, $moveX, $moveY);
            [$x, $high, $wide] = [$x + $right - $left + self::BETWEEN, max($high, $bottom - $top), max($wide, $x + $right - $left)];
        }

        return new Blank(ceil($wide + self::MARGIN), ceil($y + $high + self::MARGIN), $axes, $parts, $labels, $spots);
    }

    /**
     * Through each shaft: what lies in a row and is shown whole, over a third of the line or more.
     *
     * @param non-empty-list<array{string, list<Area>, Placed}> $line
     */
    private static function axes(array $line, float $x, float $y): string
    {
        $rows = [];
        foreach (array_merge(...array_column($line, 1)) as $area) {
            [$left, $right, $low, $high] = $area->box();
            if (!$area->isHatched) {
                $rows['along'.round($low + $high)][] = [$left, $right, $low, $high];
                $rows['up'.round($left + $right)][] = [$low, $high, $left, $right];
            }
        }
        [$width, $path] = [self::right($line) - self::left($line), ''];
        foreach ($rows as $way => $boxes) {
            [$begin, $end, $low, $high] = [min(array_column($boxes, 0)), max(array_column($boxes, 1)), $boxes[0][2], $boxes[0][3]];
            $thick = max(array_map(static fn (array $one): float => $one[3] - $one[2], $boxes));
            $long = array_sum(array_map(static fn (array $one): float => $one[1] - $one[0], $boxes));
            if ($long < max($width / 3, 1.5 * $thick, 0.7 * ($end - $begin)) || $thick < self::THIN) {
                continue;
            }
            [$from, $to, $at] = [$begin - self::MARGIN, $end + self::MARGIN, ($low + $high) / 2];
            $path .= str_starts_with($way, 'along')
                ? \sprintf('M%s %sH%s', Pen::number($x + $from), Pen::number($y - $at), Pen::number($x + $to))
                : \sprintf('M%s %sV%s', Pen::number($x + $at), Pen::number($y - $from), Pen::number($y - $to));
        }

        return '' !== $path ? $path : \sprintf(
            'M%s %sH%s', Pen::number($x + self::left($line)), Pen::number($y), Pen::number($x + self::right($line)),
        );
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
