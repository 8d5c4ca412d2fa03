<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** Who built the unit, or what kind of repair it had. */
final readonly class RememberedMaking
{
    /**
     * @param string $what `builder` or `repair`
     * @param bool $had whether that was before the unit came back
     */
    public function __construct(
        public string $what,
        public string $value,
        public bool $had,
    ) {
    }
}
