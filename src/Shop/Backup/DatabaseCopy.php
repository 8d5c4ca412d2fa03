<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/** The tables of the shop as one file, and back, by PostgreSQL's own programs; as their owner. */
final readonly class DatabaseCopy
{
    /** Where Debian keeps them. */
    private const PROGRAMS = '/usr/lib/postgresql/15/bin/';

    /** Log-ins that are open and what waits in the queue belong to the machine, and are not worth keeping; their tables are. */
    private const WITHOUT_ROWS = ['sessions', 'login_attempt'];

    public function __construct(#[Autowire('%app.owner_url%')] private string $url, private Seal $seal)
    {
    }

    /**
     * @param string $to file that gets the sealed dump
     *
     * @return array<string, int> rows by table at that moment
     *
     * @throws BackupError
     */
    public function dump(string $to): array
    {
        $connection = $this->connection();
        $connection->executeStatement('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
        $snapshot = (string) $connection->fetchOne('SELECT pg_export_snapshot()');
        $rows = $this->rows($connection);
        $this->seal->output([
            self::PROGRAMS.'pg_dump', '--format=custom', '--no-owner', '--no-privileges', '--snapshot='.$snapshot,
            ...array_map(static fn (string $table): string => '--exclude-table-data='.$table, self::WITHOUT_ROWS), $this->plainUrl(),
        ], $to);
        $connection->executeStatement('COMMIT');

        return $rows;
    }

    public function isEmpty(): bool
    {
        return [] === $this->rows($this->connection());
    }

    /**
     * @param string $file the dump, opened
     * @param array<string, int> $rows that it must give
     *
     * @throws BackupError
     */
    public function restore(string $file, array $rows): void
    {
        $process = new Process([
            self::PROGRAMS.'pg_restore', '--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction',
            '--dbname='.$this->plainUrl(), $file,
        ], timeout: null);
        $process->run();
        if (!$process->isSuccessful()) {
            throw BackupError::failed('The database was not restored', $process->getErrorOutput());
        }
        $found = $this->rows($this->connection());
        foreach ($rows as $table => $count) {
            if ($count !== ($found[$table] ?? -1)) {
                throw BackupError::rows($table, $count, $found[$table] ?? 0);
            }
        }
    }

    /** The newest migration that the tables have been through. */
    public function version(): string
    {
        return (string) $this->connection()->fetchOne('SELECT max(version) FROM doctrine_migration_versions');
    }

    /** @return array<string, int> */
    private function rows(Connection $connection): array
    {
        $rows = [];
        $tables = $connection->fetchFirstColumn("SELECT tablename FROM pg_tables WHERE schemaname = 'public' ORDER BY 1");
        foreach (array_diff(array_map(strval(...), $tables), self::WITHOUT_ROWS) as $table) {
            $rows[$table] = (int) $connection->fetchOne('SELECT count(*) FROM '.$connection->quoteSingleIdentifier($table));
        }

        return $rows;
    }

    private function connection(): Connection
    {
        return DriverManager::getConnection((new DsnParser(['postgresql' => 'pdo_pgsql']))->parse($this->url));
    }

    /** As PostgreSQL's programs read it, who know nothing of what Doctrine adds. */
    private function plainUrl(): string
    {
        return (string) preg_replace('/\?.*$/', '', $this->url);
    }
}
