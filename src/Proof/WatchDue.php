<?php

declare(strict_types=1);

namespace App\Proof;

/** A unit whose user should be asked how it runs. */
final readonly class WatchDue
{
    /** @param string $case its number */
    public function __construct(public string $case, public string $unit, public string $customer, public \DateTimeImmutable $watch)
    {
    }
}
