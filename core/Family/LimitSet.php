<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Measuring\Limits;

/** Limits with where they come from and, where that matters, the duty for which they hold. */
final readonly class LimitSet
{
    /**
     * @param bool $sample an invented value that the shop replaces by its maker's
     * @param Variant|null $for which units; null: all of them
     * @param string $duty key of the duty; empty: every duty that has no limits of its own
     */
    public function __construct(
        public string $key,
        public Limits $limits,
        public string $source,
        public bool $sample,
        public string $duty = '',
        public ?Variant $for = null,
    ) {
    }
}
