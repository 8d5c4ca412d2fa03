<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Evidence\Finding;
use App\Evidence\Photo;

/** One part in two cases: the one in hand first. */
final readonly class BesidePart
{
    /**
     * @param array{list<Finding>, list<Finding>} $finds
     * @param array{Photo|null, Photo|null} $photos
     */
    public function __construct(public string $name, public array $finds, public array $photos)
    {
    }
}
