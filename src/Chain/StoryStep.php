<?php

declare(strict_types=1);

namespace App\Chain;

use App\Evidence\Photo;
use App\Measuring\Measured;

/** One step of the chain as it is told, with its picture and its numbers. */
final readonly class StoryStep
{
    /**
     * @param list<StoryCause> $because
     * @param list<Measured> $readings beyond their limits on that part
     */
    public function __construct(public ChainNode $node, public array $because, public ?Photo $photo, public array $readings)
    {
    }
}
