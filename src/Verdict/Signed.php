<?php

declare(strict_types=1);

namespace App\Verdict;

use Symfony\Component\Uid\Uuid;

/** A verdict has both its signatures. */
final readonly class Signed
{
    public function __construct(public Uuid $verdict)
    {
    }
}
