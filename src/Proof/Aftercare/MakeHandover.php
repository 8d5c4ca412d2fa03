<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use Symfony\Component\Uid\Uuid;

/** Asks the worker for the PDF of a handover. */
final readonly class MakeHandover
{
    public function __construct(public Uuid $handover)
    {
    }
}
