<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** A network with what was seen in it, and the minutes that looks at its nodes would take. */
final readonly class Question
{
    /**
     * @param array<int, array{float, float}> $seen node => likelihood of what was seen if it is false, if it is true
     * @param array<int, true> $certain nodes whose evidence was given as plainly true or false
     * @param array<int, float>|null $minutes null: next checks are not asked for
     * @param list<int>|null $weigh findings whose weight for origins is asked for; null: all
     * @param list<int>|null $weighFor the origins for which they are weighed; null: all
     * @param array<int, true>|null $asked nodes without anything seen below them whose chances are asked for, beside the origins; null: all
     * @param list<int> $given nodes in whose presence the chances of all that the tree holds are asked for
     */
    public function __construct(
        public Network $network,
        public array $seen,
        public array $certain,
        public ?array $minutes,
        public ?array $weigh = null,
        public ?array $weighFor = null,
        public ?array $asked = null,
        public array $given = [],
    ) {
    }

    /** The same without what was seen of one node. */
    public function without(int $node): self
    {
        return new self(
            $this->network,
            array_diff_key($this->seen, [$node => true]),
            array_diff_key($this->certain, [$node => true]),
            $this->minutes,
            $this->weigh,
            $this->weighFor,
            $this->asked,
            $this->given,
        );
    }

    /**
     * Of the same network, what was seen being the same, something else is asked.
     *
     * @param list<int> $weigh findings whose weight is asked for
     * @param list<int> $weighFor origins for which they are weighed
     * @param list<int> $given nodes in whose presence the chances of all that the tree holds are asked for
     */
    public function asking(array $weigh, array $weighFor, array $given): self
    {
        return new self($this->network, $this->seen, $this->certain, $this->minutes, $weigh, $weighFor, $this->asked, $given);
    }
}
