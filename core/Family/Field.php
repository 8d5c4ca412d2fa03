<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\Dimension;

/** Something to measure on a part, with its limits and where they come from. */
final readonly class Field
{
    /**
     * @param Limits|null $limits none known: the verdict stays open, and `whyNoLimit` says why
     * @param string $source where the limits come from
     * @param bool $sample an invented value that the shop replaces by its maker's
     * @param list<string> $places where to measure
     */
    public function __construct(
        public string $key,
        public string $name,
        public Dimension $dimension,
        public Method $method,
        public ?Limits $limits,
        public string $whyNoLimit,
        public string $source,
        public bool $sample,
        public array $places,
        public string $gauge,
        public string $how,
    ) {
    }
}
