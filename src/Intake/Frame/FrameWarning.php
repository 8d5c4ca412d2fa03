<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** Something that is known of units such as this one, and where it is read. */
final readonly class FrameWarning
{
    /** @param array<string, string> $parameters of the route */
    public function __construct(public string $words, public string $at, public string $route, public array $parameters = [])
    {
    }
}
