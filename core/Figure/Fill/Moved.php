<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/** The same sources with one of them moved a little: how much a figure hangs on it. */
final readonly class Moved implements Sources
{
    public function __construct(private Sources $sources, private string $reference, private float $by)
    {
    }

    public function known(string $reference): ?Known
    {
        $known = $this->sources->known($reference);

        return $reference === $this->reference ? $known?->movedBy($this->by) : $known;
    }
}
