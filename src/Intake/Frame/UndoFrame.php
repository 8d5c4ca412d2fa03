<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use App\Account\CurrentPerson;
use App\Account\Undo\Undo;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

/** What the person at the screen did last and can take back. */
#[AsTaggedItem(priority: 99)]
final readonly class UndoFrame implements LiveFramePart
{
    public function __construct(private Undo $undo, private CurrentPerson $person)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        $who = $this->person->orNull();
        $step = null === $who ? null : $this->undo->atHand($frame->case->id, $who);
        null === $step || $frame->canTakeBack($step);
    }
}
