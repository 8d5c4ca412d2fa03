<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;

/** The drawing of a book's unit, made of nothing but its data. */
final readonly class UnitDrawing
{
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
        return isset($this->book->drawn->shapes[$key]) ? Exploded::alone($this->part($key, 2.0)) : null;
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
