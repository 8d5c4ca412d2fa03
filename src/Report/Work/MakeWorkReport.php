<?php

declare(strict_types=1);

namespace App\Report\Work;

use Symfony\Component\Uid\Uuid;

/** The worker is to make the PDF of a work report that was signed. */
final readonly class MakeWorkReport
{
    public function __construct(public Uuid $report)
    {
    }
}
