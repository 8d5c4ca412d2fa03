<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Photo\SameScale;

/** A pair as it is drawn: what of each picture, and how many millimetres across. */
final readonly class ShownPair
{
    public function __construct(public PhotoPair $pair, public SameScale $same)
    {
    }

    /** @return list<array{Photo, array{float, float, float, float}}> picture, and its view in its pixels */
    public function pictures(): array
    {
        return [[$this->pair->left, $this->same->views[0]], [$this->pair->right, $this->same->views[1]]];
    }
}
