<?php

declare(strict_types=1);

namespace App\Platform\Plans;

use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

/** Questions with few values are prepared by name, once a connection. */
final class PlanningConnection extends AbstractConnectionMiddleware
{
    /** Stands in a question that is planned each time: which index is best for it hangs on what is asked for. */
    public const ANEW = '/* planned anew */';

    /** Seconds; a connection ends long before, and what was known of it goes too. */
    private const KNOWN_FOR = 86400;

    /** A list of values is as many questions as it has lengths. */
    private const MOST_VALUES = 4;

    /** What PostgreSQL says of a name that the connection does not have, of one that it has, and of a table that has changed. */
    private const UNKNOWN = '26000';
    private const THERE_ALREADY = '42P05';
    private const CHANGED = '0A000';

    /** @var array<string, bool> names that this connection has, where APCu does not keep them from request to request */
    private array $known = [];

    public function __construct(private readonly Connection $inner, private readonly \PDO $native)
    {
        parent::__construct($inner);
    }

    public function prepare(string $sql): Statement
    {
        $isKept = 1 === preg_match('/^\s*(SELECT|WITH)\b/', $sql) && !str_contains($sql, self::ANEW)
            && 0 === preg_match('/\b(INSERT|UPDATE|DELETE)\b/', $sql);

        return $isKept && !$this->native->inTransaction()
            ? new PlannedStatement($this, $sql, fn (): Statement => $this->inner->prepare($sql))
            : $this->inner->prepare($sql);
    }

    /**
     * @param list<string> $values literals, as they come in the question
     *
     * @return Result|null null: it is not a question whose plan is kept
     */
    public function ask(string $sql, array $values): ?Result
    {
        // Whatever fails within a transaction would end it.
        if (\count($values) > self::MOST_VALUES || $this->native->inTransaction()) {
            return null;
        }
        $name = 'plan_'.hash('xxh128', $sql);
        $execute = 'EXECUTE '.$name.([] === $values ? '' : '('.implode(', ', $values).')');
        $this->isKnown($name) || $this->keep($name, $sql);
        try {
            return $this->inner->query($execute);
        } catch (Exception $error) {
            if (!\in_array($error->getSQLState(), [self::UNKNOWN, self::CHANGED], true)) {
                throw $error;
            }
            self::CHANGED === $error->getSQLState() && $this->inner->exec('DEALLOCATE '.$name);
            $this->keep($name, $sql);

            return $this->inner->query($execute);
        }
    }

    private function keep(string $name, string $sql): void
    {
        try {
            $this->inner->exec('PREPARE '.$name.' AS '.self::numbered($sql));
        } catch (Exception $error) {
            if (self::THERE_ALREADY !== $error->getSQLState()) {
                throw $error;
            }
        }
        $this->known[$name] = true;
        if ($this->isShared()) {
            apcu_store($this->key($name), true, self::KNOWN_FOR);
        }
    }

    /** Its places for values, `?`, as PostgreSQL has them: `$1`. Doctrine has made them of all names by now. */
    private static function numbered(string $sql): string
    {
        $at = 0;

        // Texts are passed over; a mark that is an operator stands twice.
        return (string) preg_replace_callback(
            '/\'(?:[^\']|\'\')*\'|\?\??/',
            static function (array $found) use (&$at): string {
                return match ($found[0]) {
                    '?' => '$'.++$at,
                    '??' => '?',
                    default => $found[0],
                };
            },
            $sql,
        );
    }

    private function isKnown(string $name): bool
    {
        return $this->known[$name] ??= $this->isShared() && true === apcu_fetch($this->key($name));
    }

    private function isShared(): bool
    {
        return \function_exists('apcu_enabled') && apcu_enabled();
    }

    /** By the process of the database that has it; one that has its number after it says that it does not know the name. */
    private function key(string $name): string
    {
        return 'plan '.$this->native->pgsqlGetPid().' '.$name;
    }
}
