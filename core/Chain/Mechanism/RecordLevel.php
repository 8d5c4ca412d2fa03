<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** How often the engine was right where it was so sure, on failures whose origin is known. */
final readonly class RecordLevel
{
    /** @param float $least from this chance on */
    public function __construct(public float $least, public int $right, public int $of)
    {
    }
}
