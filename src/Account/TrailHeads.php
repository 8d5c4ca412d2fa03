<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Uuid;

/** Where the chain of the audit trail ends, a case at a time, and all of them joined night by night. */
final readonly class TrailHeads
{
    public function __construct(private Connection $database)
    {
    }

    /** @return TrailHead|null null for a case in which nothing was written yet */
    public function headOf(Uuid $case): ?TrailHead
    {
        $head = $this->database->fetchAssociative('SELECT seq, digest FROM trail_head WHERE scope = ?', [(string) $case]);

        return false === $head || !is_numeric($head['seq']) || !\is_string($head['digest'])
            ? null
            : new TrailHead((int) $head['seq'], $head['digest']);
    }

    /**
     * Joins the heads of tonight to those of the night before.
     */
    public function join(): JoinedHeads
    {
        $heads = array_map(
            static fn (mixed $digest): string => \is_string($digest) ? $digest : '',
            $this->database->fetchAllKeyValue('SELECT scope, digest FROM trail_head ORDER BY scope'),
        );
        $before = $this->database->fetchOne('SELECT digest FROM trail_night ORDER BY id DESC LIMIT 1');
        $joined = hash('sha256', json_encode($heads, \JSON_THROW_ON_ERROR));
        $digest = hash('sha256', (\is_string($before) ? $before : '').$joined);
        $at = date(\DATE_ATOM);
        $this->database->insert('trail_night', ['at' => $at, 'scopes' => \count($heads), 'heads' => $joined, 'digest' => $digest]);

        return new JoinedHeads(
            $at,
            array_combine(array_map(strval(...), array_keys($heads)), array_values($heads)),
            $digest,
        );
    }
}
