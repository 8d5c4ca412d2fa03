<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\Permission;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

/** What is open on the parts that are off or were looked at, and what there is to read on them. */
#[AsTaggedItem(priority: 70)]
final readonly class PartsFrame implements FramePart
{
    public function __construct(private PartViews $parts)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        // What is signed is closed: nothing in it asks for work any more.
        $atHand = $frame->case->isSigned()
            ? []
            : array_filter($this->parts->partsOf($frame->case)->views, static fn (PartView $view): bool => $view->isAtHand());
        $looks = array_filter($atHand, static fn (PartView $view): bool => [] !== array_diff($view->open(), [$view->readingsSaid()]));
        $readings = array_sum(array_map(static fn (PartView $view): int => $view->readingsOpen(), $atHand));
        $frame->add(new WalkStop('parts', 'Parts', \count($looks), 'parts with open work', Permission::BENCH));
        $frame->add(new WalkStop('readings', 'Readings', (int) $readings, 'readings to take', Permission::BENCH));
    }
}
