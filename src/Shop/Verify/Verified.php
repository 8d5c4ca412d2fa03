<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Platform\Mismatch;

/** What a check of everything that carries a digest has said. */
final readonly class Verified
{
    /**
     * @param array<string, int> $counts things looked at, by what they are
     * @param list<Mismatch> $wrong
     * @param list<string> $orphaned files that no record speaks of
     * @param string $digest of the heads of the trail of that night
     */
    public function __construct(
        public string $at,
        public array $counts,
        public array $wrong,
        public array $orphaned,
        public string $digest,
    ) {
    }
}
