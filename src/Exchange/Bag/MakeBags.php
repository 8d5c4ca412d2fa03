<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use Symfony\Component\Uid\Uuid;

/** Asks the worker to pack cases. */
final readonly class MakeBags
{
    public function __construct(public Uuid $bags)
    {
    }
}
