<?php

declare(strict_types=1);

namespace App\Report;

/** Where the making of a report stands. */
enum ReportState: string
{
    case Waiting = 'waiting';
    case Making = 'making';
    case Ready = 'ready';
    case Failed = 'failed';

    public function isOver(): bool
    {
        return self::Ready === $this || self::Failed === $this;
    }
}
