<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\LogIn\Limit;
use Doctrine\DBAL\Connection;

/** Wrong guesses of the last hour, by digest of what they are counted under. */
final readonly class GuessRepository
{
    private const TIME = 'Y-m-d H:i:sP';

    public function __construct(private Connection $database)
    {
    }

    /**
     * Counts a guess that is about to be judged.
     *
     * @return \DateTimeImmutable|null until when nothing is judged; null: this one may be
     */
    public function count(Limit $limit, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        $row = $this->database->fetchAssociative(
            'INSERT INTO login_attempt AS a (who, failures, last_at, locked_until)
             VALUES (:who, 1, :now, CASE WHEN :most <= 1 THEN CAST(:until AS timestamptz) END)
             ON CONFLICT (who) DO UPDATE SET
                last_at = :now,
                failures = CASE WHEN coalesce(a.locked_until <= :now, a.last_at < :hour) THEN 1 ELSE a.failures + 1 END,
                locked_until = CASE WHEN coalesce(a.locked_until <= :now, a.last_at < :hour) THEN NULL
                    WHEN a.failures + 1 = :most THEN CAST(:until AS timestamptz) ELSE a.locked_until END
             RETURNING failures, locked_until',
            [
                'who' => $limit->who,
                'most' => $limit->most,
                'now' => $now->format(self::TIME),
                'hour' => $now->modify('-1 hour')->format(self::TIME),
                'until' => $now->modify("+{$limit->minutes} minutes")->format(self::TIME),
            ],
        );

        return false === $row || $row['failures'] <= $limit->most || !\is_string($row['locked_until'])
            ? null
            : new \DateTimeImmutable($row['locked_until']);
    }

    public function takeBack(Limit $limit): void
    {
        if ($limit->endsWithARightOne) {
            $this->database->executeStatement('DELETE FROM login_attempt WHERE who = ?', [$limit->who]);
        } else {
            $this->database->executeStatement(
                'UPDATE login_attempt SET failures = greatest(failures - 1, 0), locked_until = CASE WHEN failures > ? THEN locked_until END
                 WHERE who = ?',
                [$limit->most, $limit->who],
            );
        }
    }
}
