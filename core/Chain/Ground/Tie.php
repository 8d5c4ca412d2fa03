<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A mechanism at work between two conditions of a unit. */
final readonly class Tie
{
    /**
     * @param string $by along what: the carrier, or empty at one place
     * @param bool $isTold does a rule tell the way? no: it is a cause of such a kind nearby
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $mechanism,
        public float $strength,
        public string $by = '',
        public bool $isTold = true,
    ) {
    }

    /** What it is called where somebody takes or refuses it. */
    public function key(): string
    {
        return $this->from.'>'.$this->to.'>'.$this->mechanism;
    }
}
