<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\LiveFramePart;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

/** The alarm of the last check, over the case. */
#[AsTaggedItem(priority: 0)]
final readonly class AlarmFrame implements LiveFramePart
{
    public function __construct(private Verification $verification)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        foreach ($this->verification->alarms($frame->case->number) as $wrong) {
            $frame->alarm($wrong);
        }
    }
}
