<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Permission;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 50)]
final readonly class VerdictFrame implements FramePart
{
    public function frame(CaseFrame $frame): void
    {
        $frame->add(new WalkStop('verdict', 'Verdict', $frame->case->isSigned() ? 0 : 1, 'to sign', Permission::ANALYSE));
    }
}
