<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Quantity\Quantity;

/** What was read at one place: repeats of one size, or the two ends of a feeler pair. */
final readonly class PlaceReadings
{
    /** @param non-empty-list<Quantity> $values */
    public function __construct(public string $place, public array $values)
    {
    }

    public static function isNotTold(string $place): bool
    {
        return PlaceSize::NOT_TOLD === $place;
    }

    /** @return array{Quantity, Quantity} the largest feeler that goes, the smallest that does not */
    public function pair(): array
    {
        return [$this->values[0], $this->values[1] ?? $this->values[0]];
    }
}
