<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

/** A way in which units of one model differ: how it is controlled, which end the shaft comes out of, a size class. */
final readonly class Choice
{
    /** @param array<string, string> $options key => in words */
    public function __construct(public string $key, public string $question, public string $look, public array $options)
    {
    }
}
