<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

/** Claims won and lost by why the unit failed. */
final readonly class ClaimsOfOrigin
{
    public function __construct(
        public string $origin,
        public string $name,
        public int $won,
        public int $lost,
        public int $open,
    ) {
    }
}
