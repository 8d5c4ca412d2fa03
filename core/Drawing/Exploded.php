<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** Pulls a unit apart: its parts in rows along their axes, each far enough from the next to be seen, rows below each other. */
final readonly class Exploded
{
    /** Of the narrower of two neighbours in a row so much may be covered. */
    private const COVERED = 0.2;
    private const APART = 9.0;
    private const BETWEEN_LINES = 46.0;
    private const BETWEEN_ROWS = 34.0;
    private const MARGIN = 14.0;
    private const LARGEST = 1.7;
    private const ROWS = 1.6;

    /** @param float $width pixels: what does not fit goes on in another row */
    public function __construct(private float $width = 1180.0)
    {
    }

    /**
     * By how much a unit is drawn larger than it is told, so that its longest axis fills the sheet in one row, or in more.
     *
     * @param list<list<DrawnPart>> $lines drawn as told
     */
    public function scale(array $lines): float
    {
        $longest = max([1.0, ...array_map(self::widthOf(...), $lines)]);

        return max(1.0, min(self::LARGEST, self::ROWS * $this->width / $longest));
    }

    /**
     * @param list<list<DrawnPart>> $lines each along an axis, from the back to the front
     * @param array<string, string> $names by part
     */
    public function sheet(array $lines, array $names): Sheet
    {
        $rows = $this->rows($lines);
        $parts = $axes = $below = [];
        foreach ($rows as $row) {
            $row = $row->labelled($names);
            $down = $row->under($below);
            foreach ($row->parts as $one) {
                $parts[] = $one->moved(0.0, $down);
            }
            foreach ($row->axes as [$x, $y, $toX, $toY]) {
                $axes[] = [$x, $y + $down, $toX, $toY + $down];
            }
            $below = $row->floor($down + self::BETWEEN_ROWS, $below);
        }

        return self::framed($parts, $axes);
    }

    /** One part for itself, without its name and axis. */
    public static function alone(DrawnPart $part): Sheet
    {
        return self::framed([new Placed($part, 0.0, 0.0)], []);
    }

    /**
     * @param list<list<DrawnPart>> $lines
     *
     * @return list<Row>
     */
    private function rows(array $lines): array
    {
        [$alongX, $alongY] = Frame::along()->at(0, 0, 1);
        $rows = [];
        $row = new Row();
        foreach ($lines as $line) {
            $start = $row->right() + ([] === $row->parts ? 0.0 : self::BETWEEN_LINES);
            if ([] !== $row->parts && $start + self::widthOf($line) > $this->width) {
                $rows[] = $row;
                [$row, $start] = [new Row(), 0.0];
            }
            $along = $last = null;
            foreach ($line as $part) {
                $at = null === $last
                    ? ($start - $part->left()) / $alongX
                    : max($along + $last->long + self::APART, $this->clear($row, $part, $last));
                if (null !== $last && $at * $alongX + $part->right() > $this->width) {
                    $rows[] = $row->closed();
                    [$row, $start, $at] = [new Row(), 0.0, -$part->left() / $alongX];
                }
                // Each line begins at the height of the row.
                $row = $row->with(new Placed($part, $at * $alongX, ($at * $alongX - $start) / $alongX * $alongY));
                [$along, $last] = [$at, $part];
            }
            $row = $row->closed();
        }

        return [] === $row->parts ? $rows : [...$rows, $row];
    }

    /** From where on the axis a part covers no more than it may of those before it. */
    private function clear(Row $row, DrawnPart $part, DrawnPart $last): float
    {
        $narrower = min($part->right() - $part->left(), $last->right() - $last->left());

        return ($row->right() - self::COVERED * $narrower - $part->left()) / Frame::along()->at(0, 0, 1)[0];
    }

    /** @param list<DrawnPart> $line */
    private static function widthOf(array $line): float
    {
        $width = 0.0;
        foreach ($line as $part) {
            $width += (1 - self::COVERED) * ($part->right() - $part->left());
        }

        return $width;
    }

    /**
     * @param list<Placed> $parts
     * @param list<array{float, float, float, float}> $axes
     */
    private static function framed(array $parts, array $axes): Sheet
    {
        $left = $top = \INF;
        $right = $bottom = -\INF;
        foreach ($parts as $one) {
            $label = $one->label;
            $half = null === $label ? 0.0 : Row::wide($label->words) / 2;
            $left = min($left, $one->x + $one->part->left(), ($label->x ?? \INF) - $half);
            $right = max($right, $one->x + $one->part->right(), ($label->x ?? -\INF) + $half);
            $top = min($top, $one->y + $one->part->top(), ($label->from ?? \INF) - Row::HIGH);
            $bottom = max($bottom, $one->y + $one->part->bottom(), ($label->from ?? -\INF) + Row::HIGH);
        }
        if ([] === $parts) {
            return new Sheet(0.0, 0.0, [], []);
        }
        [$x, $y] = [self::MARGIN - $left, self::MARGIN - $top];

        return new Sheet(
            $right - $left + 2 * self::MARGIN,
            $bottom - $top + 2 * self::MARGIN,
            array_map(static fn (Placed $one): Placed => $one->moved($x, $y), $parts),
            array_map(static fn (array $one): array => [$one[0] + $x, $one[1] + $y, $one[2] + $x, $one[3] + $y], $axes),
        );
    }
}
