<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use App\Account\Permission;
use App\Intake\ArrivalEvidence;
use App\Intake\CaseFile;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 100)]
final readonly class IntakeFrame implements FramePart
{
    public function __construct(private ArrivalEvidence $evidence)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        null === $frame->case->withdrawnAt || $frame->stand('Withdrawn');
        $open = $frame->case->isSigned() ? 0 : $this->open($frame->case, $frame->book->medium);
        $frame->add(new WalkStop('intake', 'Intake', $open, 'to fill in', Permission::TAKE_IN));
    }

    private function open(CaseFile $case, string $medium): int
    {
        return ($case->complaints->isEmpty() ? 1 : 0)
            + ($case->arrival?->open($medium) > 0 ? 1 : 0)
            + ($this->evidence->isPhotographed($case) ? 0 : 1)
            + ('' === $case->serial && '' === $case->tag ? 1 : 0);
    }
}
