<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use Doctrine\DBAL\Connection;

/** The names that stand in the memory, to complete one that is typed: at the same cost however many cases have them. */
final readonly class NameRepository
{
    /** Names of a case: of the newest that have such letters, the most frequent first. */
    private const OF_CASES = ['customer' => 'customer', 'model' => 'model', 'unit' => 'unit_name'];

    private const NEWEST = 500;

    /** Names of what hangs on cases: the column, and its table with an index of that column in small letters. */
    private const OF_OTHERS = [
        'built' => ['value', "memory_made WHERE what = 'builder' AND NOT had"],
        'built-before' => ['value', "memory_made WHERE what = 'builder' AND had"],
        'gauge' => ['gauge', 'memory_reading WHERE true'], 'batch' => ['mark', 'memory_batch WHERE true'],
    ];

    public function __construct(private Connection $database)
    {
    }

    /**
     * @param string $of the term of a question
     *
     * @return list<string>|null what is written so; null: no names are kept of that
     */
    public function with(string $of, string $letters, int $most): ?array
    {
        $sql = match (true) {
            isset(self::OF_CASES[$of]) => self::ofNewest(self::OF_CASES[$of], $most),
            isset(self::OF_OTHERS[$of]) => self::oneAfterTheOther(...[...self::OF_OTHERS[$of], $most]),
            default => null,
        };
        if (null === $sql) {
            return null;
        }
        /** @var list<string> $names */
        $names = $this->database->fetchFirstColumn($sql, ['like' => '%'.addcslashes(mb_strtolower($letters), '%_\\').'%']);

        return $names;
    }

    private static function ofNewest(string $column, int $most): string
    {
        return "SELECT name FROM (SELECT $column AS name FROM memory_case WHERE NOT is_withdrawn AND lower($column) LIKE :like "
            ."AND $column <> '' ORDER BY taken_at DESC, case_id DESC LIMIT ".self::NEWEST.') newest '
            ."GROUP BY 1 ORDER BY count(*) DESC, 1 LIMIT $most";
    }

    /** The next name is looked up in the index after the last, so that the many rows of one name are passed over. */
    private static function oneAfterTheOther(string $column, string $rows, int $most): string
    {
        $next = static fn (string $after): string => "(SELECT lower($column) AS low, $column AS name FROM $rows "
            ."AND lower($column) > $after ORDER BY lower($column) LIMIT 1)";

        return "WITH RECURSIVE one AS ({$next("''")} UNION ALL SELECT after.* FROM one, LATERAL {$next('one.low')} after) "
            ."SELECT name FROM one WHERE low LIKE :like ORDER BY low LIMIT $most";
    }
}
