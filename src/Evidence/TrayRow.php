<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Clips\Clip;
use Japhrex\Core\Family\Part;

/** A picture or clip in the tray with the part that it is proposed for. */
final readonly class TrayRow
{
    /**
     * @param ?Part $part null: no proposal
     * @param string $step title of the strip step that the proposal rests on
     */
    public function __construct(public Photo|Clip $photo, public ?Part $part, public string $step)
    {
    }
}
