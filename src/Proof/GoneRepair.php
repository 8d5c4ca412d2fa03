<?php

declare(strict_types=1);

namespace App\Proof;

/** A repair that went out. */
final readonly class GoneRepair
{
    /**
     * @param ?\DateTimeImmutable $back the day on which it came back; null: it runs
     */
    public function __construct(public \DateTimeImmutable $gone, public ?\DateTimeImmutable $back)
    {
    }
}
