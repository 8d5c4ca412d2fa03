<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use Doctrine\DBAL\Connection;

/** The changes of a case, as the triggers of its tables write them down: by them one knows whether it is still what it was. */
final readonly class CaseChangeRepository
{
    /** Under which the changes of what the shop has for all cases stand. */
    private const SHOP = '00000000-0000-0000-0000-000000000000';

    /** So many rows of one case, and they are put together into one. */
    private const MOST = 16;

    public function __construct(private Connection $database)
    {
    }

    /**
     * What has changed so far in a case, in those of the same serial, in the one that it came back from and those that came back from
     * it, and in what the shop has for all: the same text as long as nothing else has.
     *
     * @param string $number of the case
     */
    public function stateOf(string $number): string
    {
        $state = $this->database->fetchOne(
            <<<'SQL'
                WITH me AS (SELECT id, serial_key, comeback_of_id FROM case_file WHERE number = :number),
                kin AS (
                    SELECT id FROM me UNION SELECT comeback_of_id FROM me
                    UNION SELECT c.id FROM me JOIN case_file c ON c.serial_key = me.serial_key WHERE length(me.serial_key) >= 3
                    UNION SELECT c.id FROM me JOIN case_file c ON c.comeback_of_id = me.id
                    UNION SELECT CAST(:shop AS uuid)
                )
                SELECT md5(string_agg(k.id || ':' || COALESCE(w.changes, ''), ' ' ORDER BY k.id)) FROM kin k
                LEFT JOIN LATERAL (
                    SELECT string_agg(CAST(c.id AS text), ',' ORDER BY c.id) AS changes FROM case_change c WHERE c.case_id = k.id
                ) w ON true
                SQL,
            ['number' => $number, 'shop' => self::SHOP],
        );

        return \is_string($state) ? $state : '';
    }

    /** Puts the changes of cases that have many together; what was kept of these is worked out once more. */
    public function putTogether(): void
    {
        $this->database->executeStatement(
            <<<'SQL'
                WITH gone AS (
                    DELETE FROM case_change WHERE case_id IN (SELECT case_id FROM case_change GROUP BY case_id HAVING count(*) > :most)
                    RETURNING case_id
                )
                INSERT INTO case_change (case_id) SELECT DISTINCT case_id FROM gone
                SQL,
            ['most' => self::MOST],
        );
    }
}
