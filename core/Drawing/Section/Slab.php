<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

/** Material between two lines, over a stretch of a solid's length. */
final readonly class Slab
{
    /**
     * @param float $c0 where it begins along the solid
     * @param float $low its lower line where it begins, and where it ends
     * @param string $under surface of the lower line
     * @param string $over surface of the upper line
     */
    public function __construct(
        public float $c0,
        public float $c1,
        public float $low,
        public float $lowEnd,
        public float $high,
        public float $highEnd,
        public string $under,
        public string $over,
    ) {
    }

    /** @return list<self> what an opening from one height to another leaves of it */
    public function without(float $from, float $to, string $surface): array
    {
        $left = [];
        if ($from > min($this->low, $this->lowEnd) + 1e-6) {
            $left[] = new self(
                $this->c0, $this->c1, $this->low, $this->lowEnd, min($from, $this->high), min($from, $this->highEnd), $this->under,
                $from < max($this->high, $this->highEnd) ? $surface : $this->over,
            );
        }
        if ($to < max($this->high, $this->highEnd) - 1e-6) {
            $left[] = new self(
                $this->c0, $this->c1, max($to, $this->low), max($to, $this->lowEnd), $this->high, $this->highEnd,
                $to > min($this->low, $this->lowEnd) ? $surface : $this->under, $this->over,
            );
        }

        return $left;
    }
}
