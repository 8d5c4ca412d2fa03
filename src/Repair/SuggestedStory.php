<?php

declare(strict_types=1);

namespace App\Repair;

use App\Evidence\Photo;

/** A first draft of what a customer is told, to be read over. */
final readonly class SuggestedStory
{
    /**
     * @param list<Photo> $photos
     */
    public function __construct(public string $story, public array $photos)
    {
    }
}
