<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A bore or a pocket in the end of a solid that faces the eye: round, or of any outline. */
final readonly class Opening
{
    /**
     * @param float $radius 0: of the outline
     * @param list<array{float, float}> $outline
     * @param float|null $depth null: through
     */
    private function __construct(
        public float $a,
        public float $b,
        public float $radius,
        public array $outline,
        public ?float $depth,
        public string $surface,
        public string $floor,
    ) {
    }

    public static function round(float $a, float $b, float $radius, ?float $depth, string $surface, string $floor = ''): self
    {
        return new self($a, $b, $radius, [], $depth, $surface, $floor);
    }

    /** @param list<array{float, float}> $outline */
    public static function of(array $outline, ?float $depth, string $surface, string $floor = ''): self
    {
        return new self(0.0, 0.0, 0.0, $outline, $depth, $surface, $floor);
    }

    /** Its edge at c. */
    public function edge(Pen $pen, float $c): string
    {
        return $this->radius > 0 ? $pen->circle($this->a, $this->b, $c, $this->radius) : $pen->outline($this->outline, $c);
    }

    /** What of its bottom, or of what lies behind, is seen through its edge; empty: nothing. */
    public function seenThrough(Frame $frame, Pen $pen, float $c, float $depth): string
    {
        [$a, $b] = $frame->deeper($depth);
        if ($this->radius <= 0) {
            $moved = Outline::moved($this->outline, $a, $b);

            return $pen->outline(Outline::common($moved, Outline::hull($this->outline)), $c);
        }
        $far = hypot($a, $b);
        if ($far >= 2 * $this->radius) {
            return '';
        }
        if ($far < 1e-6) {
            return $this->edge($pen, $c);
        }
        // Two circles of one size meet on the line across the middle between them.
        $half = sqrt($this->radius ** 2 - $far ** 2 / 4);
        [$ma, $mb, $ua, $ub] = [$this->a + $a / 2, $this->b + $b / 2, -$b / $far * $half, $a / $far * $half];
        $first = $pen->point($ma + $ua, $mb + $ub, $c);
        $other = $pen->point($ma - $ua, $mb - $ub, $c);

        return 'M'.$first.$pen->arc($this->radius, $other, false).$pen->arc($this->radius, $first, false).'z';
    }
}
