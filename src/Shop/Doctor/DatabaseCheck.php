<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;

/** Whether the database answers, has the tables of this version, and tells the same time. */
final readonly class DatabaseCheck implements Check
{
    private const SECONDS_OFF = 2.0;

    public function __construct(private Connection $database, private string $projectDir)
    {
    }

    public function look(): array
    {
        try {
            $began = microtime(true);
            $version = (string) $this->database->fetchOne('SHOW server_version');
            $took = 1000 * (microtime(true) - $began);
            $there = (float) $this->database->fetchOne('SELECT extract(epoch FROM clock_timestamp())');
            $off = abs($there - microtime(true));

            return [
                Symptom::well('database', \sprintf('PostgreSQL %s answers in %.1f ms', $version, $took)),
                $this->tables(),
                Symptom::either($off < self::SECONDS_OFF, 'clock', \sprintf('%.1f s off that of the database', $off), 'Set both by NTP.'),
                $this->time(),
            ];
        } catch (DatabaseException $down) {
            return [Symptom::ill('database', 'it does not answer: '.$down->getMessage())];
        }
    }

    /** Whether the tables are those of this version. */
    public function tables(): Symptom
    {
        $here = array_map(
            static fn (string $file): string => 'Japhrex\\Migrations\\'.basename($file, '.php'),
            glob($this->projectDir.'/migrations/Version*.php') ?: [],
        );
        $there = $this->database->fetchFirstColumn('SELECT version FROM doctrine_migration_versions');
        $missing = \count(array_diff($here, $there));
        $unknown = \count(array_diff($there, $here));

        return match (true) {
            $unknown > 0 => Symptom::ill('tables', "they are $unknown steps newer than this program. Update it."),
            $missing > 0 => Symptom::ill('tables', "$missing steps are missing. ./japhrex start makes them."),
            default => Symptom::well('tables', 'those of this version'),
        };
    }

    /** What happened last cannot lie ahead. */
    private function time(): Symptom
    {
        $ahead = (int) $this->database->fetchOne("SELECT count(*) FROM audit_entry WHERE made_at > now() + interval '2 minutes'");

        return Symptom::either(
            0 === $ahead,
            'trail',
            0 === $ahead ? 'in the order of time' : "$ahead entries from the future",
            'The clock was set back; look when, and tell the analyst.',
        );
    }
}
