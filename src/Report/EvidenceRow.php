<?php

declare(strict_types=1);

namespace App\Report;

use App\Chain\StoryStep;

/** On what a step of the chain rests. */
final readonly class EvidenceRow
{
    /**
     * @param int $number of the step in the story
     * @param list<Plate> $plates that show its part
     */
    public function __construct(public int $number, public StoryStep $step, public array $plates)
    {
    }
}
