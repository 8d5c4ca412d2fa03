<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Field;

/** The drawing of a book's unit, made of nothing but its data. */
final readonly class UnitDrawing
{
    /** Pixels for a size of 1, of a part for itself. */
    private const ALONE = 2.0;

    /** Pixels: how large a part is on which arrows have their usual size, and the room around it that they may need. */
    private const USUAL = 230.0;
    private const ROOM = 46.0;

    /** How many times as large as what is measured the picture is, and from which share of the part on all of it is shown. */
    private const CLOSER = 2.0;
    private const MOST = 0.8;

    public function __construct(private Book $book)
    {
    }

    /**
     * Pulled apart along its axes. A part that no axis has stands behind the last one.
     *
     * @throws BookError naming the shape that cannot be drawn
     */
    public function exploded(float $width = 1180.0): Sheet
    {
        $exploded = new Exploded($width);
        // Drawn once as it is told, to see how much room there is.
        $scale = $exploded->scale($this->lines(1.0));

        return $exploded->sheet($this->lines($scale), $this->names());
    }

    /**
     * One part for itself.
     *
     * @throws BookError naming the shape that cannot be drawn
     */
    public function alone(string $key): ?Sheet
    {
        return isset($this->book->drawn->shapes[$key]) ? Exploded::alone($this->part($key, self::ALONE)) : null;
    }

    /**
     * One part with the place at which a measure of it is taken.
     *
     * @return array{Sheet, string}|null what lies over it is SVG; null: the book does not say where, or does not draw the part
     *
     * @throws BookError naming the shape that cannot be drawn
     */
    public function measured(string $key, Field $field): ?array
    {
        if (!isset($this->book->drawn->shapes[$key]) || null === $field->taken) {
            return null;
        }
        $part = $this->part($key, self::ALONE);
        $shape = $this->book->drawn->shapes[$key];
        $around = (new MeasuredPlace($shape, self::ALONE, new Placed($part, 0.0, 0.0)))->around($field->taken);
        if (null === $around) {
            return null;
        }
        [$left, $top, $right, $bottom] = self::closer($around, [$part->left(), $part->top(), $part->right(), $part->bottom()]);
        $hand = max($right - $left, $bottom - $top) / self::USUAL;
        $room = self::ROOM * $hand;
        $placed = new Placed($part, $room - $left, $room - $top);
        $sheet = new Sheet($right - $left + 2 * $room, $bottom - $top + 2 * $room, [$placed], []);
        $over = (new MeasuredPlace($shape, self::ALONE, $placed, $hand))->svg($field->taken, $field->positions());

        return '' === $over ? null : [$sheet, $over];
    }

    /**
     * A part that can be put in the wrong way, with what it looks at.
     *
     * @return array{Sheet, string}|null what lies over it is SVG; null: its right way is not one along its axis
     *
     * @throws BookError naming the shape that cannot be drawn
     */
    public function facing(string $key): ?array
    {
        $facing = $this->book->parts[$key]->facing ?? null;
        if (null === $facing || !isset($this->book->drawn->shapes[$key], $this->book->drawn->shapes[$facing->to])) {
            return null;
        }
        $two = array_intersect(array_merge(...$this->book->drawn->axes), [$key, $facing->to]);
        $line = array_map(fn (string $one): DrawnPart => $this->part($one, self::ALONE), array_values($two));

        return FacingArrow::over((new Exploded())->sheet([$line], $this->names()), $this->book->parts[$key], $facing);
    }

    /**
     * What is small on a long part is looked at from nearer.
     *
     * @param array{float, float, float, float} $around what is measured: left, top, right, bottom
     * @param array{float, float, float, float} $whole
     *
     * @return array{float, float, float, float} what of the part is shown
     */
    private static function closer(array $around, array $whole): array
    {
        $half = self::CLOSER / 2 * max($around[2] - $around[0], $around[3] - $around[1]);
        // What has no size of its own, such as a wire that is bent, is shown whole.
        if ($half < 1.0 || 2 * $half > self::MOST * max($whole[2] - $whole[0], $whole[3] - $whole[1])) {
            return $whole;
        }
        [$x, $y] = [($around[0] + $around[2]) / 2, ($around[1] + $around[3]) / 2];

        return [max($whole[0], $x - $half), max($whole[1], $y - $half), min($whole[2], $x + $half), min($whole[3], $y + $half)];
    }

    /** @return array<string, string> by part */
    public function names(): array
    {
        $names = [];
        foreach ($this->book->parts as $key => $part) {
            $names[$key] = $part->short;
        }

        return $names;
    }

    /** @return list<non-empty-list<DrawnPart>> */
    private function lines(float $scale): array
    {
        $left = $this->book->drawn->shapes;
        $lines = [];
        foreach ([...$this->book->drawn->axes, array_keys($left)] as $axis) {
            $line = [];
            foreach (array_intersect($axis, array_keys($left)) as $key) {
                $line[] = $this->part($key, $scale);
                unset($left[$key]);
            }
            if ([] !== $line) {
                $lines[] = $line;
            }
        }

        return $lines;
    }

    private function part(string $key, float $scale): DrawnPart
    {
        [$stamps, $long] = SolidMaker::of($this->book->drawn->shapes[$key], $scale);

        return DrawnPart::of($key, $stamps, $long);
    }
}
