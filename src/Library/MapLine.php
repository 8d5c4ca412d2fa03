<?php

declare(strict_types=1);

namespace App\Library;

/** What carries harm between two parts on the map. */
final readonly class MapLine
{
    /**
     * @param string $path as SVG has it
     * @param string $kind of the carrier
     * @param bool $on on the way that is followed
     */
    public function __construct(
        public string $path,
        public string $kind,
        public string $says,
        public bool $filter,
        public bool $on,
    ) {
    }
}
