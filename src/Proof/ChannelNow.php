<?php

declare(strict_types=1);

namespace App\Proof;

/** What a channel of the stand shows now. */
final readonly class ChannelNow
{
    /**
     * @param string $value with its unit
     * @param string $expected between which it should lie, in words; empty: not told
     */
    public function __construct(public string $name, public string $value, public string $expected)
    {
    }
}
