<?php

declare(strict_types=1);

namespace App\Report;

use Symfony\Component\Uid\Uuid;

/** Asks the worker for a PDF. */
final readonly class MakeReport
{
    public function __construct(public Uuid $report)
    {
    }
}
