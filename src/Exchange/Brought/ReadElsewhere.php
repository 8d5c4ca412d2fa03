<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

/** What another shop measured. */
final readonly class ReadElsewhere
{
    public function __construct(public string $place, public string $field, public string $typed, public string $verdict)
    {
    }
}
