<?php

declare(strict_types=1);

namespace App\Parts;

/** The parts before and after one in strip order. */
final readonly class Neighbours
{
    public function __construct(public ?string $previous, public ?string $next)
    {
    }
}
