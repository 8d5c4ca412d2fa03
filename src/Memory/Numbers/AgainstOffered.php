<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

/** What repairs of a family came to against what was offered and chosen. */
final readonly class AgainstOffered
{
    /**
     * @param float|null $hours middle of the ratios; null: none tells both
     * @param float|null $money the same of what was charged
     */
    public function __construct(
        public string $family,
        public ?float $hours,
        public int $ofHours,
        public ?float $money,
        public int $ofMoney,
    ) {
    }
}
