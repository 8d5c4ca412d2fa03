<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** What a stage adds to the frame that hangs on who looks, or on more than the case and the shop have in the database: never kept. */
#[AutoconfigureTag(self::TAG)]
interface LiveFramePart
{
    public const TAG = 'app.live_frame_part';

    public function frame(CaseFrame $frame): void;
}
