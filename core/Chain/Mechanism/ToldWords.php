<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** Something that is told of a unit, seen of its fluid, or of where and how a damage lies, and what that speaks for. */
final readonly class ToldWords
{
    /**
     * @param list<array{string, float, float}> $speaks condition, and how likely this is told where it is not so, and where it is
     * @param list<string> $with damage of which it can be said; none: it is not of a damage
     */
    public function __construct(public string $name, public array $speaks, public array $with = [])
    {
    }
}
