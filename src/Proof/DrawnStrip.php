<?php

declare(strict_types=1);

namespace App\Proof;

/** One channel of a stand as lines in a box of 900 by 110. */
final readonly class DrawnStrip
{
    /**
     * @param string $scale from its lower to its upper end, in words
     * @param string $peaks path of the lowest and highest
     * @param string $mean path of the mean
     * @param string $band path of the expected band; empty: none
     */
    public function __construct(
        public string $name,
        public string $scale,
        public string $peaks,
        public string $mean,
        public string $band,
    ) {
    }
}
