<?php

declare(strict_types=1);

namespace App\Claims;

use Symfony\Component\Uid\Uuid;

/** Asks the worker for the papers of a claim. */
final readonly class MakeClaim
{
    public function __construct(public Uuid $papers)
    {
    }
}
