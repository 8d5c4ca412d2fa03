<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/**
 * Work that a machine put off, or took up, while its clock was ahead would wait until that time is really there. By the clock of the
 * database, which all nodes share, nothing is put off for more than two hours, and nothing was taken up in the future.
 */
final class QueueClock
{
    /** Seconds between two looks of an idle worker; counted, not read from a clock. */
    private const EVERY = 20;

    private int $looked = 0;

    public function __construct(private readonly Connection $database)
    {
    }

    #[AsEventListener]
    public function idle(WorkerRunningEvent $event): void
    {
        if ($event->isWorkerIdle() && hrtime(true) - $this->looked > self::EVERY * 1e9) {
            $this->looked = (int) hrtime(true);
            $this->right();
        }
    }

    /** @return int how many were put right */
    public function right(): int
    {
        return (int) $this->database->executeStatement(<<<'SQL'
            UPDATE messenger_messages m SET
                available_at = least(m.available_at, t.now),
                delivered_at = CASE WHEN m.delivered_at > t.now + interval '5 minutes' THEN NULL ELSE m.delivered_at END
            FROM (SELECT date_trunc('second', now() AT TIME ZONE 'UTC') AS now) t
            WHERE m.available_at > t.now + interval '2 hours' OR m.delivered_at > t.now + interval '5 minutes'
            SQL);
    }
}
