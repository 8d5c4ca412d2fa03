<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * What a stage adds to the frame of a case's pages, from the case and the shop alone: it is kept until one of them changes, and what
 * hangs on more is a `LiveFramePart`. They are asked in the order of the walk, which is the priority in
 * `AsTaggedItem`: 100 for the intake, ten less for each stage after it.
 */
#[AutoconfigureTag(self::TAG)]
interface FramePart
{
    public const TAG = 'app.frame_part';

    public function frame(CaseFrame $frame): void;
}
