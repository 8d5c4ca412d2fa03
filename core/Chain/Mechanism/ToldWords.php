<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** Something that is told of a unit, or seen of its fluid, and what that speaks for. */
final readonly class ToldWords
{
    /** @param list<array{string, float, float}> $speaks condition, and how likely this is told where it is not so, and where it is */
    public function __construct(public string $name, public array $speaks)
    {
    }
}
