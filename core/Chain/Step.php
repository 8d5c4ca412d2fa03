<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** A condition as the story tells it, with the links that brought it about. */
final readonly class Step
{
    /** @param list<Link> $because none: the story begins here */
    public function __construct(public Node $node, public array $because)
    {
    }
}
