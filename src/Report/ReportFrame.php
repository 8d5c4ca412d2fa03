<?php

declare(strict_types=1);

namespace App\Report;

use App\Account\Permission;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use App\Report\Repository\ReportRepository;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 20)]
final readonly class ReportFrame implements FramePart
{
    public function __construct(private ReportRepository $reports)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        $toMake = $frame->case->isSigned() && null === $this->reports->lastReady($frame->case);
        $frame->add(new WalkStop('report', 'Report', $toMake ? 1 : 0, 'to make', Permission::PHOTOGRAPH));
    }
}
