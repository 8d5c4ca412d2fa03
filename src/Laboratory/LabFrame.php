<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Laboratory\Repository\LabOrderRepository;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 65)]
final readonly class LabFrame implements FramePart
{
    public function __construct(private LabOrderRepository $orders)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        foreach ($this->orders->ofCase($frame->case) as $order) {
            if ($order->isLate(now())) {
                $frame->remind(
                    \sprintf('%s was to answer by %s (%s)', $order->laboratory, $order->dueOn?->format('j M'), $order->sample),
                    'laboratory',
                );
            }
        }
    }
}
