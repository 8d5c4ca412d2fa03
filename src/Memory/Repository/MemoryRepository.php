<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedBatch;
use App\Intake\Remember\RememberedComplaint;
use App\Intake\Remember\RememberedDue;
use App\Intake\Remember\RememberedFind;
use App\Intake\Remember\RememberedMaking;
use App\Intake\Remember\RememberedOrigin;
use App\Intake\Remember\RememberedReading;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Japhrex\Core\Memory\Counts;
use Japhrex\Core\Memory\Likeness\Traits;
use Japhrex\Core\Memory\StageTimes;
use Japhrex\Core\Proof\UserSays;

/** Writes the memory of the shop, and knows which cases have changed since they were remembered. */
final readonly class MemoryRepository
{
    private const TIME = 'Y-m-d H:i:s.uP';

    public function __construct(private Connection $database)
    {
    }

    /**
     * Takes cases that are due off the list, in the transaction that remembers them; what another is at is left to it.
     *
     * @return list<string> ids of cases
     */
    public function takeDue(int $most): array
    {
        /** @var list<string> $ids */
        $ids = $this->database->fetchFirstColumn(
            'DELETE FROM memory_due WHERE case_id IN '
                .'(SELECT case_id FROM memory_due ORDER BY since LIMIT :most FOR UPDATE SKIP LOCKED) RETURNING case_id',
            ['most' => $most],
        );

        return $ids;
    }

    /** @param list<string> $cases ids of cases that are no more */
    public function forget(array $cases): void
    {
        $this->database->executeStatement(
            'DELETE FROM memory_case WHERE case_id IN (:ids)', ['ids' => $cases], ['ids' => ArrayParameterType::STRING],
        );
    }

    /** What a node of an earlier version remembered without the row of all its texts, or without its day there, is due anew. */
    public function noteHalf(): void
    {
        $this->database->executeStatement(
            'INSERT INTO memory_due (case_id) SELECT DISTINCT t.case_id FROM memory_text t WHERE NOT EXISTS (SELECT 1 FROM memory_text a '
                ."WHERE a.case_id = t.case_id AND a.source = 'all' AND a.taken_at IS NOT NULL) ON CONFLICT DO NOTHING",
        );
    }

    public function keep(CaseFile $case, Remembered $memory, Traits $traits): void
    {
        $id = (string) $case->id;
        $this->forget([$id]);
        $this->add('memory_case', [[
            'case_id' => $id, 'number' => $case->number, 'family' => $case->family, 'customer' => $case->customer,
            'unit_name' => $case->unitName, 'model' => trim($case->maker.' '.$case->model), 'serial' => $case->serial,
            'serial_key' => $case->serialKey, 'taken_at' => $case->madeAt->format(self::TIME),
            'signed_at' => $case->signedAt?->format(self::TIME), 'stage' => $case->stage->value, 'waits' => $memory->waits,
            'stands' => $memory->stands, 'holder_id' => null === $case->holder ? null : (string) $case->holder->id,
            'holder' => $memory->holder, 'is_comeback' => null === $case->comebackOf ? 'f' : 't',
            'is_withdrawn' => null === $case->withdrawnAt ? 'f' : 't', 'hours' => $memory->hours, 'since_repair' => $memory->sinceRepair,
            'complains' => $memory->complains, 'found' => $memory->found, 'claim' => $memory->claim, 'claimed' => $memory->claimed,
            'offered' => $memory->offered, 'out_at' => $memory->outAt?->format(self::TIME), 'cure' => $memory->cure,
            'ran_until' => $memory->ranUntil?->format(self::TIME), 'km' => $memory->km, 'km_since_repair' => $memory->kmSinceRepair,
            'told_hours' => $memory->toldHours, 'told_km' => $memory->toldKm, 'offered_hours' => $memory->offeredHours,
            'took_hours' => $memory->tookHours, 'charged' => $memory->charged, 'claim_why' => $memory->claimWhy,
            'worst' => max([0, ...array_column($memory->finds, 'grade')]), 'strip' => json_encode($memory->strip, \JSON_THROW_ON_ERROR),
        ]]);
        $of = ['case_id' => $id];
        $this->add('memory_find', array_map(static fn (RememberedFind $one): array => $of + [
            'part' => $one->part, 'surface' => $one->surface, 'mode' => $one->mode, 'grade' => $one->grade,
        ], $memory->finds));
        $this->add('memory_reading', array_map(static fn (RememberedReading $one): array => $of + [
            'part' => $one->part, 'field' => $one->field, 'verdict' => $one->verdict, 'size' => $one->at, 'gauge' => $one->gauge,
        ], $memory->readings));
        $this->add('memory_claim', array_map(static fn (RememberedDue $one): array => $of + [
            'number' => $one->number, 'ordinal' => $one->ordinal, 'what' => $one->what, 'due' => $one->by,
        ], $memory->claimsDue));
        $this->add('memory_made', array_map(static fn (RememberedMaking $one): array => $of + [
            'what' => $one->what, 'value' => mb_substr($one->value, 0, 120), 'had' => $one->had ? 't' : 'f',
        ], $memory->made));
        $stages = StageTimes::of($case->madeAt, $memory->moves, $memory->outAt);
        $this->add('memory_stage', array_map(
            static fn (string $stage, float $days): array => $of + ['stage' => $stage, 'days' => $days],
            array_keys($stages),
            $stages,
        ));
        $this->add('memory_batch', array_map(static fn (RememberedBatch $one): array => $of + [
            'part' => $one->part, 'mark' => $one->mark, 'supplier' => $one->supplier, 'had' => $one->had ? 't' : 'f',
        ], $memory->batches));
        $this->add('memory_complaint', array_map(
            static fn (RememberedComplaint $one): array => $of + [
                'what' => $one->what, 'conditions' => '{'.implode(',', $one->conditions).'}',
            ],
            $memory->complaints,
        ));
        $cure = UserSays::tryFrom($memory->cure ?? '');
        $this->add('memory_origin', array_map(
            // A case counts once, by its first origin.
            static fn (RememberedOrigin $one, int $i): array => $of + [
                'origin' => $one->origin, 'kind' => $one->kind, 'name' => mb_substr($one->name, 0, 200), 'place' => $one->place,
                'who' => $one->who,
                'counts' => 0 === $i && '' !== $one->origin && Counts::does($one->isFound, $cure) ? 't' : 'f',
            ],
            $memory->origins,
            array_keys($memory->origins),
        ));
        $rows = [];
        foreach ($traits->weights as $trait => $weight) {
            $rows[] = $of + ['trait' => $trait, 'weight' => $weight];
        }
        $this->add('memory_trait', $rows);
        $texts = array_map(static fn (array $lines): string => mb_strtolower(implode("\n", array_unique($lines))), $memory->texts);
        // In small letters, since to make them so for each that is looked at costs more than all else; and all in one row, for what is
        // asked for anywhere.
        $texts += [] === $texts ? [] : ['all' => implode("\n", $texts)];
        $of['taken_at'] = $case->madeAt->format(self::TIME);
        $this->add('memory_text', array_map(
            static fn (string $where, string $body): array => $of + ['source' => $where, 'body' => $body],
            array_keys($texts),
            $texts,
        ));
    }

    /** Were cases added since the traits were counted? */
    public function isCountOld(): bool
    {
        return (bool) $this->database->fetchOne(
            "SELECT COALESCE((SELECT cases FROM memory_trait_count WHERE trait = ''), -1) <> (SELECT count(*) FROM memory_case)",
        );
    }

    /** In how many cases each trait is, and under '' of how many: what tells how much it says that two share it. */
    public function countTraits(): void
    {
        $this->database->transactional(function (): void {
            $this->database->executeStatement('DELETE FROM memory_trait_count');
            $this->database->executeStatement(
                'INSERT INTO memory_trait_count SELECT trait, count(*) FROM memory_trait GROUP BY 1 '
                    ."UNION ALL SELECT '', count(*) FROM memory_case",
            );
        });
    }

    /** @param list<array<string, mixed>> $rows that have the same columns, in whatever order */
    private function add(string $table, array $rows): void
    {
        if ([] === $rows) {
            return;
        }
        $columns = array_keys($rows[0]);
        $values = [];
        foreach ($rows as $row) {
            foreach ($columns as $column) {
                $values[] = $row[$column];
            }
        }
        $places = '('.implode(', ', array_fill(0, \count($columns), '?')).')';
        $this->database->executeStatement(
            "INSERT INTO $table (".implode(', ', $columns).') VALUES '.implode(', ', array_fill(0, \count($rows), $places)),
            $values,
        );
    }
}
