<?php

declare(strict_types=1);

namespace App\Shop\Metrics;

use App\Shop\Backup\LastBackup;
use App\Shop\Verify\Verification;
use Doctrine\DBAL\Connection;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** How the shop stands at this moment, for whoever watches its machines. */
final readonly class Gauges
{
    public function __construct(
        private Connection $database,
        private LastBackup $backup,
        private Verification $verification,
        #[Autowire('%app.store%')]
        private string $store,
    ) {
    }

    /** @return array<string, int|float> by name; what is not known is left out */
    public function all(): array
    {
        $row = $this->database->fetchAssociative(
            "SELECT (SELECT count(*) FROM messenger_messages WHERE queue_name = 'default') AS queue_waiting,
                (SELECT coalesce(extract(epoch FROM (now() AT TIME ZONE 'UTC') - min(available_at)), 0) FROM messenger_messages
                    WHERE queue_name = 'default' AND available_at <= now() AT TIME ZONE 'UTC') AS queue_oldest_seconds,
                (SELECT count(*) FROM messenger_messages WHERE queue_name = 'failed') AS queue_failed,
                (SELECT count(*) FROM pg_stat_activity WHERE datname = current_database()) AS database_connections,
                pg_database_size(current_database()) AS database_bytes,
                (SELECT count(*) FROM signed_in WHERE ended_at IS NULL AND seen_at > now() - interval '1 hour') AS people_signed_in",
        );
        $all = array_map(static fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0, false === $row ? [] : $row);
        $now = now()->getTimestamp();
        $known = array_filter([
            'backup_age_seconds' => $this->age($this->backup->at(), $now),
            'verify_age_seconds' => $this->age($this->verification->lastAt(), $now),
            'store_free_bytes' => is_dir($this->store) ? (float) disk_free_space($this->store) : null,
        ], static fn (?float $value): bool => null !== $value);

        return $all + $known + ['verify_wrong' => \count($this->verification->alarms())];
    }

    private function age(?\DateTimeImmutable $at, int $now): ?float
    {
        return null === $at ? null : (float) ($now - $at->getTimestamp());
    }
}
