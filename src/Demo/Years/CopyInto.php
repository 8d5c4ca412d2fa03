<?php

declare(strict_types=1);

namespace App\Demo\Years;

use Doctrine\DBAL\Connection;

/** Writes rows into tables by PostgreSQL's COPY; what a row does not tell is blank, as the table allows. */
final class CopyInto
{
    private const AT_ONCE = 4000;

    /** @var array<string, array<string, string>> table => column => what stands there when nothing is told, as COPY writes it */
    private array $blank = [];

    /** @var array<string, list<string>> table => lines that wait, each table after those that it speaks of */
    private array $waiting = [];

    public function __construct(private readonly Connection $database)
    {
    }

    /** @param array<string, bool|float|int|string|null> $row */
    public function add(string $table, array $row): void
    {
        $blank = $this->blank[$table] ??= $this->blankOf($table);
        $values = [];
        foreach ($row as $column => $value) {
            $values[$column] = match (true) {
                null === $value => '\\N',
                \is_bool($value) => $value ? 't' : 'f',
                default => addcslashes((string) $value, "\\\t\n\r"),
            };
        }
        $this->waiting[$table][] = implode("\t", array_merge($blank, array_intersect_key($values, $blank)));
        if (\count($this->waiting[$table]) >= self::AT_ONCE) {
            $this->flush();
        }
    }

    public function flush(): void
    {
        $native = $this->database->getNativeConnection();
        if (!$native instanceof \PDO) {
            throw new \LogicException('Rows are copied over a connection of PDO.');
        }
        foreach (array_filter($this->waiting) as $table => $lines) {
            if (!$native->pgsqlCopyFromArray($table, $lines, "\t", '\\\\N', implode(', ', array_keys($this->blank[$table])))) {
                throw new \RuntimeException(\sprintf('The rows of %s are refused: %s', $table, $native->errorInfo()[2] ?? ''));
            }
        }
        // Each table keeps its place among the others.
        $this->waiting = array_map(static fn (): array => [], $this->waiting);
    }

    /** @return array<string, string> */
    private function blankOf(string $table): array
    {
        $blank = [];
        /** @var array{column_name: string, is_nullable: string, data_type: string, column_default: string|null} $column */
        foreach (
            $this->database->fetchAllAssociative(
                'SELECT column_name, is_nullable, data_type, column_default FROM information_schema.columns '
                    ."WHERE table_name = :t AND table_schema = 'public' AND is_generated = 'NEVER' ORDER BY ordinal_position",
                ['t' => $table],
            ) as $column
        ) {
            $blank[$column['column_name']] = 'YES' === $column['is_nullable'] ? '\\N' : match ($column['data_type']) {
                'boolean' => 'f',
                'json', 'jsonb' => '[]',
                'smallint', 'integer', 'bigint', 'double precision' => 'version' === $column['column_name'] ? '1' : '0',
                'date', 'timestamp with time zone' => '1970-01-01', 'uuid' => '\\N',
                default => preg_match("/^'([^']*)'::/", (string) $column['column_default'], $m) ? $m[1] : '',
            };
        }

        return $blank;
    }
}
