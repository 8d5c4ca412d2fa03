<?php

declare(strict_types=1);

namespace App\Repair;

/** A price list that cannot be taken; nothing of it is kept. */
final class PriceListError extends \DomainException
{
    /** @param non-empty-list<string> $faults with the line where they stand */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', $faults));
    }
}
