<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

/** A line where a cut part ends: along the axis (z) and away from it (y). */
final readonly class Edge
{
    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @param array{float, float} $inward direction towards the part, of length 1
     * @param string $surface key of the surface that it is; empty: of none
     */
    public function __construct(public array $from, public array $to, public array $inward, public string $surface = '')
    {
    }

    /** @return array{array{float, float}, array{float, float}} a line so far within the part */
    public function inwards(float $by): array
    {
        [$z, $y] = [$by * $this->inward[0], $by * $this->inward[1]];

        return [[$this->from[0] + $z, $this->from[1] + $y], [$this->to[0] + $z, $this->to[1] + $y]];
    }

    public function moved(float $z, float $y): self
    {
        return new self(
            [$this->from[0] + $z, $this->from[1] + $y], [$this->to[0] + $z, $this->to[1] + $y], $this->inward, $this->surface,
        );
    }
}
