<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Exchange\Repository\BroughtRepository;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\FrameWarning;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

/** The unit was in another shop before, whose case is here to be read. */
#[AsTaggedItem(priority: 0)]
final readonly class SameSerialElsewhere implements FramePart
{
    public function __construct(private BroughtRepository $brought)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        foreach ($frame->case->isSigned() ? [] : $this->brought->withSerial($frame->case->serialKey) as $one) {
            $words = \sprintf('This unit was at %s as case %s.', $one->from, $one->number);
            $frame->warn(new FrameWarning($words, 'Read it', 'brought', ['id' => (string) $one->id]));
        }
    }
}
