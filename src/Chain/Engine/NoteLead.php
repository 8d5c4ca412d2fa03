<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use Symfony\Component\Uid\Uuid;

/** Something was found: look who leads now. */
final readonly class NoteLead
{
    public function __construct(public Uuid $case)
    {
    }
}
