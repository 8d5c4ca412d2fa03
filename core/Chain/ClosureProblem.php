<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** Something that keeps a chain from being closed, and the place to mend. */
final readonly class ClosureProblem
{
    /**
     * @param string $message what is wrong and what would be right
     * @param string|null $node id of the node to mend
     * @param string|null $link id of the link to mend
     * @param string|null $part key of the part to look at
     * @param string|null $step key of the strip step to go back to
     */
    public function __construct(
        public ClosureRule $rule,
        public string $message,
        public ?string $node = null,
        public ?string $link = null,
        public ?string $part = null,
        public ?string $step = null,
    ) {
    }

    /** The same point is the same one when it is looked at again. */
    public function key(): string
    {
        return substr(hash('sha256', $this->rule->value.$this->message), 0, 12);
    }
}
