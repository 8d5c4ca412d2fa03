<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** Parts beside each other on the sheet. */
final readonly class Row
{
    /** Pixels: height of a line of words, and of a letter's width. */
    public const HIGH = 14.0;
    private const LETTER = 5.9;
    private const STEP = 6.0;

    /**
     * @param list<Placed> $parts
     * @param list<array{float, float, float, float}> $axes
     * @param int $open parts that are on an axis already
     */
    public function __construct(public array $parts = [], public array $axes = [], private int $open = 0)
    {
    }

    public function with(Placed $part): self
    {
        return new self([...$this->parts, $part], $this->axes, $this->open);
    }

    /** The axis of the parts that were put there since the last one is drawn. */
    public function closed(): self
    {
        $line = \array_slice($this->parts, $this->open);
        if ([] === $line) {
            return $this;
        }
        [$first, $last] = [$line[0], $line[\count($line) - 1]];
        [$x, $y] = Frame::along()->at(0, 0, 1);
        $before = 12.0;
        $after = $last->part->long + 14.0;

        return new self(
            $this->parts,
            [...$this->axes, [$first->x - $before * $x, $first->y - $before * $y, $last->x + $after * $x, $last->y + $after * $y]],
            \count($this->parts),
        );
    }

    public function right(): float
    {
        return [] === $this->parts ? 0.0 : max(array_map(static fn (Placed $one): float => $one->x + $one->part->right(), $this->parts));
    }

    /** How wide words are. */
    public static function wide(string $words): float
    {
        return self::LETTER * mb_strlen($words) + 6;
    }

    /**
     * Names above the parts, or below where something else stands above, each where its line meets no other part and no
     * other name.
     *
     * @param array<string, string> $names
     */
    public function labelled(array $names): self
    {
        $parts = [];
        $taken = [];
        foreach ($this->parts as $i => $one) {
            $label = $this->label($one, $i, $names[$one->part->key] ?? $one->part->key, $taken);
            if (null !== $label) {
                $taken[] = $label;
            }
            $parts[] = $one->labelled($label);
        }

        return new self($parts, $this->axes, $this->open);
    }

    /**
     * @param array<int, float> $below by column: where free paper begins
     *
     * @return float by how much the row has to go down
     */
    public function under(array $below): float
    {
        $down = 0.0;
        foreach ($this->outlines() as [$left, $right, $top]) {
            for ($column = (int) floor($left / self::STEP); $column <= (int) ceil($right / self::STEP); ++$column) {
                $down = max($down, ($below[$column] ?? -\INF) - $top);
            }
        }

        return $down;
    }

    /**
     * @param array<int, float> $below
     *
     * @return array<int, float> where free paper begins below it, by column
     */
    public function floor(float $down, array $below): array
    {
        foreach ($this->outlines() as [$left, $right, , $bottom]) {
            for ($column = (int) floor($left / self::STEP); $column <= (int) ceil($right / self::STEP); ++$column) {
                $below[$column] = max($below[$column] ?? -\INF, $bottom + $down);
            }
        }

        return $below;
    }

    /** @return iterable<int, array{float, float, float, float}> left, right, top, bottom of slices of what is drawn */
    private function outlines(): iterable
    {
        foreach ($this->parts as $one) {
            for ($x = $one->x + $one->part->left(); $x < $one->x + $one->part->right(); $x += self::STEP) {
                $heights = $one->heightsAt($x + 0.1);
                if (null !== $heights) {
                    yield [$x, $x + self::STEP, $heights[0], $heights[1]];
                }
            }
            if (null !== $one->label) {
                $half = self::wide($one->label->words) / 2;
                yield [$one->label->x - $half, $one->label->x + $half, $one->label->from - self::HIGH, $one->label->from + self::HIGH];
            }
        }
    }

    /** @param list<Label> $taken */
    private function label(Placed $one, int $at, string $words, array $taken): ?Label
    {
        $half = self::wide($words) / 2;
        foreach ([-1, 1] as $side) {
            foreach ([0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.1, 0.9] as $share) {
                $x = $one->x + $one->part->left() + $share * ($one->part->right() - $one->part->left());
                $own = $one->heightsAt($x);
                if (null === $own) {
                    continue;
                }
                $edge = $side < 0 ? $own[0] : $own[1];
                $from = $this->clear($x - $half, $x + $half, $side, $edge);
                for ($try = 0; $try < 4; ++$try, $from += $side * self::HIGH) {
                    if ($this->isFree($at, $x, $half, $edge, $from, $taken)) {
                        return new Label($words, $x, $from, $edge);
                    }
                }
            }
        }

        return null;
    }

    /** Beyond everything that is drawn between two x. */
    private function clear(float $left, float $right, int $side, float $edge): float
    {
        $far = $edge;
        foreach ($this->parts as $other) {
            for ($x = $left; $x <= $right; $x += self::STEP) {
                $heights = $other->heightsAt($x);
                if (null !== $heights) {
                    $far = $side < 0 ? min($far, $heights[0]) : max($far, $heights[1]);
                }
            }
        }

        return $far + $side * ($side < 0 ? 9 : 9 + 0.7 * self::HIGH);
    }

    /** @param list<Label> $taken */
    private function isFree(int $at, float $x, float $half, float $edge, float $from, array $taken): bool
    {
        [$high, $low] = [min($edge, $from), max($edge, $from)];
        foreach ($this->parts as $i => $other) {
            $heights = $i === $at ? null : $other->heightsAt($x);
            if (null !== $heights && $heights[0] < $low - 0.5 && $heights[1] > $high + 0.5) {
                return false;
            }
        }
        foreach ($taken as $label) {
            $wide = self::wide($label->words) / 2;
            $words = abs($label->x - $x) < $wide + $half && abs($label->from - $from) < self::HIGH;
            $ours = abs($label->x - $x) < $wide && $label->from > $high - self::HIGH && $label->from < $low + self::HIGH;
            $theirs = abs($label->x - $x) < $half
                && $from > min($label->from, $label->to) - self::HIGH && $from < max($label->from, $label->to) + self::HIGH;
            if ($words || $ours || $theirs) {
                return false;
            }
        }

        return true;
    }
}
