<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Permission;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 60)]
final readonly class ChainFrame implements FramePart
{
    public function __construct(private CaseChain $chains)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        $open = $frame->case->isSigned() ? 0 : \count($this->chains->problems($frame->case));
        $frame->add(new WalkStop('chain', 'Chain', $open, 'points open', Permission::ANALYSE));
    }
}
