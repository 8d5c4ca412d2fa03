<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** What a verdict in force says that it was. */
final readonly class RememberedOrigin
{
    /**
     * @param string $origin the engine's key; empty: it is in their own words
     * @param bool $isFound whether it leads straight to a find
     */
    public function __construct(
        public string $origin,
        public string $kind,
        public string $name,
        public ?string $place,
        public ?string $who,
        public bool $isFound,
    ) {
    }
}
