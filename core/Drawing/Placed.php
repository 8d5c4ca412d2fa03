<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A drawn part where it stands on the sheet, with its label. */
final readonly class Placed
{
    /** @param Label|null $label null: there is no place from which a line leads to it and crosses no other */
    public function __construct(public DrawnPart $part, public float $x, public float $y, public ?Label $label = null)
    {
    }

    /** @return array{float, float}|null between which heights it lies at x of the sheet */
    public function heightsAt(float $x): ?array
    {
        $heights = $this->part->heightsAt($x - $this->x);

        return null === $heights ? null : [$heights[0] + $this->y, $heights[1] + $this->y];
    }

    /** @return array{float, float} of what is drawn, on the sheet */
    public function middle(): array
    {
        return [
            $this->x + ($this->part->left() + $this->part->right()) / 2,
            $this->y + ($this->part->top() + $this->part->bottom()) / 2,
        ];
    }

    public function labelled(?Label $label): self
    {
        return new self($this->part, $this->x, $this->y, $label);
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->part, $this->x + $x, $this->y + $y, $this->label?->moved($x, $y));
    }
}
