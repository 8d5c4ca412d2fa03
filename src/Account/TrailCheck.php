<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\Mismatch;
use App\Platform\StoredThing;
use Doctrine\DBAL\Connection;

/** Works the chain of the audit trail out anew, a case at a time, and compares its ends with the heads, and those with the nights. */
final readonly class TrailCheck implements StoredThing
{
    public function __construct(private Connection $database)
    {
    }

    public function name(): string
    {
        return 'entries of the audit trail';
    }

    public function check(): iterable
    {
        [$scope, $last, $seq, $numbers] = [
            '',
            str_repeat('0', 64),
            0,
            $this->database->fetchAllKeyValue('SELECT id::text, number FROM case_file'),
        ];
        $heads = $this->database->fetchAllAssociativeIndexed('SELECT scope, seq, digest FROM trail_head');
        $ends = [];
        foreach (
            $this->database->iterateAssociative(
                <<<'SQL'
                    SELECT id, case_id, to_char(made_at AT TIME ZONE 'UTC', 'YYYY-MM-DD HH24:MI:SS') AS made, who, action, what,
                        entity, field, before, after, seq, previous, digest, taken_out::text AS taken_out
                    FROM audit_entry ORDER BY COALESCE(case_id::text, 'shop'), seq
                    SQL,
            ) as $row
        ) {
            $row = array_map(
                static fn (mixed $value): ?string => null === $value ? null : (\is_scalar($value) ? (string) $value : ''),
                $row,
            );
            $of = $row['case_id'] ?? 'shop';
            if ($of !== $scope) {
                [$scope, $last, $seq] = [$of, str_repeat('0', 64), 0];
            }
            ++$seq;
            $wrong = match (true) {
                (int) $row['seq'] !== $seq => \sprintf('entry %d is missing', $seq),
                $row['previous'] !== $last => \sprintf('entry %d does not follow the one before', $seq),
                // What a name was taken out of holds by its digest alone; only the database says so.
                'true' !== $row['taken_out'] && self::digest($row) !== $row['digest'] => \sprintf(
                    'entry %d (%s, %s) was changed', $seq, $row['what'], $row['field'],
                ),
                default => null,
            };
            [$last, $seq] = [(string) $row['digest'], (int) $row['seq']];
            $ends[$scope] = [$seq, $last];
            yield null === $wrong ? null : self::mismatch($scope, $numbers, $wrong);
        }
        foreach ($heads as $of => $head) {
            if (($ends[$of] ?? null) !== [is_numeric($head['seq'] ?? null) ? (int) $head['seq'] : -1, $head['digest'] ?? '']) {
                yield self::mismatch((string) $of, $numbers, 'it does not end where its head says');
            }
        }
        yield from $this->nights();
    }

    /**
     * The digest of an entry: what it holds, each with its length before it, after the digest of the one before.
     *
     * @param array<string, string|null> $row
     */
    private static function digest(array $row): string
    {
        $values = [
            $row['previous'], $row['seq'], $row['id'], $row['case_id'] ?? '', $row['made'], $row['who'], $row['action'],
            $row['what'], $row['entity'], $row['field'], null === $row['before'] ? '-' : '+'.$row['before'],
            null === $row['after'] ? '-' : '+'.$row['after'],
        ];

        return hash('sha256', implode(',', array_map(static fn (?string $value): string => \strlen((string) $value).':'.$value, $values)));
    }

    /** @return iterable<int, Mismatch|null> */
    private function nights(): iterable
    {
        $last = '';
        foreach ($this->database->iterateAssociative('SELECT id, heads, digest FROM trail_night ORDER BY id') as $night) {
            $id = is_numeric($night['id']) ? (int) $night['id'] : 0;
            $heads = \is_string($night['heads']) ? $night['heads'] : '';
            yield hash('sha256', $last.$heads) === $night['digest']
                ? null
                : new Mismatch(\sprintf('audit trail: night %d does not follow the one before', $id));
            $last = \is_string($night['digest']) ? $night['digest'] : '';
        }
    }

    /** @param array<mixed> $numbers */
    private static function mismatch(string $scope, array $numbers, string $wrong): Mismatch
    {
        $number = $numbers[$scope] ?? null;

        return new Mismatch(
            \sprintf('audit trail of %s: %s', \is_string($number) ? $number : 'the shop', $wrong),
            \is_string($number) ? [$number] : [],
        );
    }
}
