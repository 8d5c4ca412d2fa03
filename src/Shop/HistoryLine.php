<?php

declare(strict_types=1);

namespace App\Shop;

/** One change of a case in words. */
final readonly class HistoryLine
{
    /**
     * @param string $what was changed, added or removed
     * @param string $field in words; `before` and `after` as people read them
     */
    public function __construct(
        public \DateTimeImmutable $at,
        public string $who,
        public string $what,
        public string $field,
        public string $before,
        public string $after,
    ) {
    }
}
