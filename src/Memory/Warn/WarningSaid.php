<?php

declare(strict_types=1);

namespace App\Memory\Warn;

/** A warning in words. */
final readonly class WarningSaid
{
    public function __construct(
        public Warning $warning,
        public string $says,
    ) {
    }
}
