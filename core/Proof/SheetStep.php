<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** A step of a sheet as it is read through. */
final readonly class SheetStep
{
    /** @param list<array{string, string}> $says label and words */
    public function __construct(public string $title, public array $says)
    {
    }
}
