<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** Something to be said of several parts together. */
final readonly class PartsRemark
{
    /**
     * @param list<string> $parts
     * @param string $says a sentence
     */
    public function __construct(public array $parts, public string $says)
    {
    }
}
