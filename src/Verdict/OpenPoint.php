<?php

declare(strict_types=1);

namespace App\Verdict;

/** A point that the chain left open when it was signed, and why it may. */
final readonly class OpenPoint implements \JsonSerializable
{
    public function __construct(public string $point, public string $reason)
    {
    }

    /** @return array<string, string> as it is stored */
    public function jsonSerialize(): array
    {
        return ['point' => $this->point, 'reason' => $this->reason];
    }
}
