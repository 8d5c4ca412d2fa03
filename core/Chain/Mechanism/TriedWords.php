<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** Something that people try before a unit comes in, and what it says that it changed nothing, or made it better. */
final readonly class TriedWords
{
    public function __construct(public string $name, public ToldWords $nothing, public ToldWords $better)
    {
    }
}
