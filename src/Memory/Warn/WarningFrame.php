<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\FrameWarning;
use App\Memory\Repository\WarningRepository;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

/** What the shop was warned of is told where such a unit has come in. */
#[AsTaggedItem(priority: 5)]
final readonly class WarningFrame implements FramePart
{
    public function __construct(private WarningRepository $warnings, private WarningWords $words)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        if ($frame->case->isSigned()) {
            return;
        }
        foreach ($this->warnings->of($frame->case) as $one) {
            $frame->warn(new FrameWarning($this->words->of($one), 'Warnings', 'warnings'));
        }
    }
}
