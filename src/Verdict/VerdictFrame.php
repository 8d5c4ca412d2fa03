<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Permission;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use App\Verdict\Warranty\Custodies;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 50)]
final readonly class VerdictFrame implements FramePart
{
    public function __construct(private Custodies $custodies)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        foreach ($this->custodies->due($frame->case, now()) as $one) {
            $part = $frame->book->part($one->part)->name ?? $one->part;
            $frame->remind(\sprintf('%s was kept to %s: release it or scrap it', $part, $one->until?->format('j M Y')), 'warranty');
        }

        $frame->add(new WalkStop('verdict', 'Verdict', $frame->case->isSigned() ? 0 : 1, 'to sign', Permission::ANALYSE));
    }
}
