<?php

declare(strict_types=1);

namespace App\Chain;

/** A part that came off and can lie the wrong way, with what was written of how it lay. */
final readonly class LaidWay
{
    /**
     * @param string $right how it belongs
     * @param string $wrong what the wrong way gives
     * @param string $written of the step with which it came off; empty: nobody wrote it down
     */
    public function __construct(
        public string $part,
        public string $name,
        public string $right,
        public string $wrong,
        public string $written,
    ) {
    }
}
