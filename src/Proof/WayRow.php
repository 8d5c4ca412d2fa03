<?php

declare(strict_types=1);

namespace App\Proof;

use App\Repair\Build\BuildRecord;

/** A part, or a set of parts, that can stand the wrong way, and how it was signed. */
final readonly class WayRow
{
    /**
     * @param string $right how it belongs
     * @param string $wrong what the wrong way gives
     * @param string $signed how it stands by the build sheet; empty: nobody signed it
     */
    public function __construct(
        public string $what,
        public string $right,
        public string $wrong,
        public string $signed,
        public ?BuildRecord $record,
    ) {
    }
}
