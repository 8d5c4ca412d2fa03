<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Evidence\AfterFinding;
use App\Evidence\Finding;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;

/** Who leads is noted when something is found, not when somebody looks at the page; it takes a moment, so the worker does it. */
final readonly class LeadAfterFinding implements AfterFinding
{
    /** Until the finding is stored, milliseconds. */
    private const STORED = 2000;

    public function __construct(private MessageBusInterface $bus)
    {
    }

    public function found(Finding $finding): void
    {
        $this->bus->dispatch(new NoteLead($finding->case->id), [new DelayStamp(self::STORED)]);
    }
}
