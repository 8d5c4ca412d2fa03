<?php

declare(strict_types=1);

namespace App\Platform\Plans;

use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;
use Doctrine\DBAL\ParameterType;

/** A question with its values as they are bound, until it is asked: by the name of its plan, or as ever. */
final class PlannedStatement implements Statement
{
    /** @var array<int|string, array{mixed, ParameterType}> */
    private array $bound = [];

    /** @param \Closure(): Statement $asEver */
    public function __construct(
        private readonly PlanningConnection $connection,
        private readonly string $sql,
        private readonly \Closure $asEver,
    ) {
    }

    public function bindValue(int|string $param, mixed $value, ParameterType $type): void
    {
        $this->bound[$param] = [$value, $type];
    }

    public function execute(): Result
    {
        ksort($this->bound);
        $literals = [];
        foreach ($this->bound as $one) {
            $literals[] = $this->literal(...$one);
        }
        $result = \in_array(null, $literals, true) ? null : $this->connection->ask($this->sql, $literals);
        if (null !== $result) {
            return $result;
        }
        $statement = ($this->asEver)();
        foreach ($this->bound as $param => [$value, $type]) {
            $statement->bindValue($param, $value, $type);
        }

        return $statement->execute();
    }

    /** Null: it cannot stand in the text of a question, and PostgreSQL says of it itself what is wrong with it. */
    private function literal(mixed $value, ParameterType $type): ?string
    {
        $isText = \is_scalar($value) || $value instanceof \Stringable;

        return match (true) {
            null === $value => 'NULL',
            \is_bool($value) => $value ? "'t'" : "'f'",
            !$isText, \in_array($type, [ParameterType::LARGE_OBJECT, ParameterType::BINARY], true) => null,
            str_contains((string) $value, "\0"), !mb_check_encoding((string) $value, 'UTF-8') => null,
            default => $this->connection->quote((string) $value),
        };
    }
}
