<?php

declare(strict_types=1);

namespace App\Chain;

use App\Evidence\Photo;
use App\Measuring\Measured;
use Japhrex\Core\Chain\Step;

/** One step of the chain as it is told, with its picture and its numbers. */
final readonly class StoryStep
{
    /**
     * @param Step $step as the chain has it, with its links
     * @param list<StoryCause> $because
     * @param list<Measured> $readings beyond their limits on that part
     */
    public function __construct(
        public ChainNode $node,
        public Step $step,
        public array $because,
        public ?Photo $photo,
        public array $readings,
    ) {
    }

    /** Grade of its find; null: it is no damage that somebody saw. */
    public function grade(): ?int
    {
        return null === $this->node->finding?->mode ? null : $this->node->finding->rampGrade();
    }
}
