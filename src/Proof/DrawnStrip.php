<?php

declare(strict_types=1);

namespace App\Proof;

use App\Platform\Tick;

/** One channel of a stand as lines in a box of 900 by 110. */
final readonly class DrawnStrip
{
    /**
     * @param string $unit of its numbers
     * @param list<Tick> $up from its lower to its upper end
     * @param string $time unit of the time below it: s, min or h
     * @param list<Tick> $across from the beginning of the run to its end
     * @param string $peaks path of the lowest and highest
     * @param string $mean path of the mean
     * @param string $band path of the expected band; empty: none
     */
    public function __construct(
        public string $name,
        public string $unit,
        public array $up,
        public string $time,
        public array $across,
        public string $peaks,
        public string $mean,
        public string $band,
    ) {
    }
}
