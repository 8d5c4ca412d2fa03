<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Transport\Receiver\ListableReceiverInterface;
use Symfony\Component\Messenger\Transport\TransportInterface;

/** What waits for the worker, for how long, and what it could not do. */
final readonly class QueueCheck implements Check
{
    /** Whatever waits longer than this, minutes, waits for a worker that is not there. */
    private const LONGEST = 10;

    public function __construct(
        private Connection $database,
        #[Autowire(service: 'messenger.transport.failed')]
        private TransportInterface $failed,
        private MessageBusInterface $bus,
    ) {
    }

    public function look(): array
    {
        $waiting = $this->database->fetchAssociative(
            "SELECT count(*) AS waiting, coalesce(extract(epoch FROM (now() AT TIME ZONE 'UTC') - min(available_at)), 0) AS oldest
             FROM messenger_messages WHERE queue_name = 'default' AND available_at <= now() AT TIME ZONE 'UTC'",
        );
        [$count, $minutes] = [(int) ($waiting['waiting'] ?? 0), (int) round((float) ($waiting['oldest'] ?? 0) / 60)];
        $failed = (int) $this->database->fetchOne("SELECT count(*) FROM messenger_messages WHERE queue_name = 'failed'");

        return [
            Symptom::either(
                $minutes <= self::LONGEST,
                'queue',
                0 === $count ? 'nothing waits' : "$count wait, the oldest for $minutes min",
                'Look whether a worker runs.',
            ),
            Symptom::either(
                0 === $failed,
                'papers',
                0 === $failed ? 'none has failed' : "$failed could not be made",
                'They are tried again.',
            ),
        ];
    }

    /**
     * Hands what has failed to the worker once more.
     *
     * @return int how many
     */
    public function again(): int
    {
        if (!$this->failed instanceof ListableReceiverInterface) {
            return 0;
        }
        $again = 0;
        foreach ($this->failed->all() as $envelope) {
            $this->bus->dispatch(new Envelope($envelope->getMessage()));
            $this->failed->reject($envelope);
            ++$again;
        }

        return $again;
    }
}
