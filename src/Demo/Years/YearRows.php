<?php

declare(strict_types=1);

namespace App\Demo\Years;

use App\Account\ShopSettings;
use App\Account\User;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Repair\Build\BuildSheet;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/** A case of an earlier year as rows of the tables: what was complained of, found, signed, repaired, and how it ran. */
final class YearRows
{
    private const TIME = 'Y-m-d H:i:sP';

    private const REFUSED = [
        'The oil was not the one that is asked for.', 'It came after its time.', 'Dirt from outside is not covered.',
    ];

    /** So many rows a case has at most. */
    private const ROWS = 1000;

    private int $made = 0;

    /** Entries of the trail of the case in hand. */
    private int $entries = 0;

    /** @param array<string, User> $people analyst, second, bench, desk */
    public function __construct(
        private readonly CopyInto $into,
        private readonly BookShelf $shelf,
        private readonly array $people,
        private readonly ShopSettings $shop,
    ) {
    }

    /** @return string id of the case */
    public function write(YearCase $one): string
    {
        [$story, $taken] = [$one->story, $one->taken];
        [$maker, $model] = explode(' ', $one->model, 2);
        [$this->made, $this->entries] = [$one->ordinal * self::ROWS, 0];
        $id = self::idOf($one);
        $this->row('case_file', $taken, [
            'id' => $id, 'number' => $this->number($one), 'stage' => 'verdict', 'family' => $story->family, 'customer' => $one->customer,
            'unit_name' => ucfirst($one->machine.'’s '.$story->unit), 'maker' => $maker, 'model' => $model, 'serial' => $one->serial,
            'serial_key' => CaseFile::serialKey($one->serial), 'service_since_new' => round($one->hours).' h',
            'service_since_repair' => null === $one->sinceRepair ? '' : round($one->sinceRepair).' h',
            'holder_id' => (string) $this->people['analyst']->id,
            'comeback_of_id' => null === $one->comesBackFrom ? null : self::idOf($one->comesBackFrom), 'from_book' => '[]',
            'variants' => '[]',
        ]);
        $this->row('arrival', $taken, ['case_id' => $id]);
        $complaint = $this->row('complaint', $taken, [
            'case_id' => $id, 'what' => $story->complaint, 'words' => $story->words, 'warmth' => $story->warmth, 'onset' => $story->onset,
        ]);
        $finds = $this->finds($one, $id);
        $nodes = $this->chain($one, $id, $complaint, $finds);
        $this->row('verdict', $one->signed, [
            'case_id' => $id, 'revision' => 1, 'origin_id' => $nodes[0], 'responsibility' => $story->carries,
            'statement' => $story->name.'. '.ucfirst($story->words).'.', 'despite' => '[]', 'shares' => '[]',
        ]);
        $this->row('handover', $one->out, [
            'case_id' => $id, 'checks' => 'Noise and leaks in the first hour.', 'stop' => 'At once if it runs hot.', 'units' => 'mm',
            'gone_at' => $one->out->format(self::TIME), 'watch' => $one->out->modify('+60 days')->format('Y-m-d'),
            'took' => (4 + $one->ordinal % 5).' h', 'charged' => (self::price($one) + 10 * ($one->ordinal % 9 - 3)).'.00 EUR',
        ] + $this->by('bench'));

        if ('' !== $one->batch) {
            $this->row('fitted_part', $one->signed, [
                'case_id' => $id, 'part' => 'shaft-seal', 'supplier' => 'Skerry Seals', 'batch' => $one->batch,
                'date_code' => $one->signed->format('W/y'),
            ] + $this->by('bench'));
        }
        $this->repair($one, $id);
        $this->answer($one, $id);

        return $id;
    }

    private static function price(YearCase $one): int
    {
        return 200 + 37 * ($one->ordinal % 41);
    }

    /** What was offered and chosen, who built it, how it went on from stage to stage, and now and then a claim. */
    private function repair(YearCase $one, string $id): void
    {
        $price = self::price($one).'.00 EUR';
        $kind = ['as-it-was', 'as-it-was', 'as-it-was', 'cured', 'renewed'][$one->ordinal % 5];
        $this->row('offer', $one->signed, [
            'case_id' => $id, 'valid_until' => $one->signed->modify('+30 days')->format('Y-m-d'), 'tax' => 1900, 'chosen' => $kind,
            'options' => json_encode([['kind' => $kind, 'label' => 'Repair', 'lines' => [], 'low' => $price, 'high' => $price,
                'tax-low' => '0.00 EUR', 'tax-high' => '0.00 EUR', 'gross-low' => $price, 'gross-high' => $price,
                'hours' => 6, 'days' => 3, 'life' => '', 'risk' => '', 'outside' => '']], \JSON_THROW_ON_ERROR),
            'answered_at' => $one->signed->format(self::TIME),
        ] + $this->by('desk'));
        $this->row('build_record', $one->out, [
            'case_id' => $id, 'step' => BuildSheet::of($this->shelf->book($one->story->family))[0]->key,
        ] + $this->by(0 === $one->ordinal % 3 ? 'second' : 'bench'));
        $between = $one->signed->getTimestamp() - $one->taken->getTimestamp();
        foreach (['strip' => 0.2, 'parts' => 0.3, 'chain' => 0.8, 'verdict' => 0.9, 'signed' => 1.0] as $stage => $share) {
            $this->row('audit_entry', $one->taken->modify(\sprintf('+%d seconds', $share * $between)), [
                'case_id' => $id, 'who' => 'bench', 'action' => 'changed', 'what' => 'Case', 'entity' => $id, 'field' => 'stage',
                'after' => $stage, 'seq' => ++$this->entries,
            ]);
        }
        if (0 === $one->ordinal % 7 && str_starts_with($one->model, 'Vintrey')) {
            $this->claim($one, $id);
        }
    }

    private function claim(YearCase $one, string $id): void
    {
        $isLost = 0 === $one->ordinal % 3;
        $claim = $this->row('claim', $one->signed, [
            'case_id' => $id, 'nr' => 1, 'policy' => 'vintrey-new', 'addressee' => 'Vintrey, Hall 2', 'statement' => 'It failed early.',
            'costs' => '{"parts": "'.self::price($one).'.00 EUR"}', 'answers' => '{}',
        ] + $this->by('desk'));
        foreach ($isLost ? ['sent', 'refused'] : ['sent', 'accepted', 'settled'] as $i => $state) {
            $at = $one->signed->modify('+'.(10 * $i).' days');
            $this->row('claim_move', $at, [
                'claim_id' => $claim, 'state' => $state, 'day' => $at->format('Y-m-d'),
                'words' => 'refused' === $state ? self::REFUSED[intdiv($one->ordinal, 3) % 3] : '',
            ] + $this->by('desk'));
        }
    }

    /** Most users say how it runs when they are asked. */
    private function answer(YearCase $one, string $case): void
    {
        $at = $one->out->modify(\sprintf('+%d days', 60 + $one->ordinal * 37 % 400));
        if ($one->ordinal % 10 < 7 && $at < now()) {
            $hours = YearsOfCases::A_YEAR * ($at->getTimestamp() - $one->out->getTimestamp()) / (365.25 * 86400);
            $this->row('user_answer', $at, [
                'case_id' => $case, 'says' => 0 === $one->ordinal % 9 ? 'but' : 'well', 'name' => $one->customer,
                'ran' => 0 === $one->ordinal % 2 ? round($hours).' h' : '',
                'words' => 0 === $one->ordinal % 9 ? 'A little louder than before.' : '',
            ]);
        }
    }

    /**
     * What makes a case heavy: every step, reading and photo, an offer, now and then a claim, and the trail of all of it. Of no use but
     * to measure with.
     */
    public function writeRest(YearCase $one, string $id): void
    {
        $book = $this->shelf->book($one->story->family);
        foreach ($book->strip as $step) {
            $this->row('step_record', $one->taken, [
                'case_id' => $id, 'step' => $step->key, 'state' => 'done', 'at' => $one->taken->format(self::TIME),
            ] + $this->by('bench'));
        }
        $parts = array_values($book->parts);
        foreach ($parts as $part) {
            $this->row('part_record', $one->taken, [
                'case_id' => $id, 'part' => $part->key, 'disposition' => 'reuse',
            ] + $this->by('bench'));
        }
        $this->readings($one, $id, $book);
        for ($i = 0; $i < 20; ++$i) {
            $hash = hash('sha256', $id.$i);
            $picture = $this->row('picture', $one->taken, [
                'hash' => $hash, 'type' => 'image/jpeg', 'bytes' => 150000, 'width' => 1600, 'height' => 1200,
            ]);
            $this->row('photo', $one->taken, [
                'case_id' => $id, 'picture_id' => $picture, 'part' => $parts[$i % \count($parts)]->key,
                'stage' => 0 === $i % 3 ? 'cleaned' : 'as-found',
                'original_name' => $i.'.jpg',
            ] + $this->by('bench'));
        }
        for ($i = 1; $i <= 145; ++$i) {
            $this->row('audit_entry', $one->taken->modify('+'.$i.' minutes'), [
                'case_id' => $id, 'who' => 'bench', 'action' => 'changed', 'what' => 'Reading of '.$parts[$i % \count($parts)]->key,
                'entity' => $id,
                'field' => 'typed', 'after' => '["25.'.$i.' mm"]', 'seq' => ++$this->entries,
            ]);
        }
    }

    private function number(YearCase $one): string
    {
        return $this->shop->caseNumber(1000 + $one->ordinal, (int) $one->taken->format('Y'));
    }

    /** @return list<string> ids of the finds of damage */
    private function finds(YearCase $one, string $case): array
    {
        $ids = [];
        foreach ($one->story->finds as $i => $find) {
            $grade = max(1, min(4, $find['grade'] + [0, 0, 0, 1, -1][($one->ordinal + $i) % 5]));
            $ids[] = $this->row('finding', $one->taken, [
                'case_id' => $case, 'part' => $find['part'], 'kind' => 'damage', 'surface' => $find['surface'], 'mode' => $find['mode'],
                'grade' => $grade, 'made' => '[]',
            ] + $this->by('bench'));
        }
        // The rest is looked over in one act, so that nothing is left open when it is signed.
        $hurt = array_column($one->story->finds, 'part');
        $rest = array_filter(
            $this->shelf->book($one->story->family)->partsInStripOrder(),
            static fn (Part $part): bool => !\in_array($part->key, $hurt, true),
        );
        foreach ($rest as $part) {
            $this->row('finding', $one->taken, [
                'case_id' => $case, 'part' => $part->key, 'kind' => 'clean', 'made' => '[]', 'swept_with' => \count($rest),
            ] + $this->by('bench'));
        }

        return $ids;
    }

    /**
     * Origin, finds, complaint: each leads to the next.
     *
     * @param list<string> $finds
     *
     * @return non-empty-list<string> ids of the nodes, the origin first
     */
    private function chain(YearCase $one, string $case, string $complaint, array $finds): array
    {
        $story = $one->story;
        $nodes = [$this->row('chain_node', $one->signed, [
            'case_id' => $case, 'kind' => 'origin', 'name' => $story->name, 'place' => $story->place, 'origin' => $story->kind,
            'evidence' => 'Found on the bench.', 'spot' => $story->spot(), 'step' => 1,
        ] + $this->by('analyst'))];
        foreach ($finds as $i => $find) {
            $at = $story->finds[$i];
            $nodes[] = $this->row('chain_node', $one->signed, [
                'case_id' => $case, 'kind' => 'damage', 'name' => ucfirst($at['mode']).' of '.str_replace('-', ' ', $at['part']),
                'place' => $at['part'].(null === $at['surface'] ? '' : '/'.$at['surface']), 'finding_id' => $find, 'step' => 2,
            ] + $this->by('analyst'));
        }
        $nodes[] = $this->row('chain_node', $one->signed, [
            'case_id' => $case, 'kind' => 'complaint', 'name' => $story->complaint, 'complaint_id' => $complaint, 'step' => 3,
        ] + $this->by('analyst'));
        $last = \count($nodes) - 1;
        for ($i = 1; $i < $last; ++$i) {
            foreach ([[0, $i], [$i, $last]] as [$from, $to]) {
                $this->row('chain_link', $one->signed, [
                    'case_id' => $case, 'from_id' => $nodes[$from], 'to_id' => $nodes[$to], 'why' => 'Seen on the bench.',
                ] + $this->by('analyst'));
            }
        }

        return $nodes;
    }

    private function readings(YearCase $one, string $case, Book $book): void
    {
        $count = 0;
        foreach ($book->parts as $part) {
            foreach ($part->fields as $key => $field) {
                $new = $field->sets[0]->limits->new ?? null;
                if (null !== $new && null === $field->from && ++$count <= 19) {
                    $size = $new->si * (1 + (($one->ordinal % 9) - 4) / 2000);
                    $this->row('reading', $one->taken, [
                        'case_id' => $case, 'part' => $part->key, 'field' => $key, 'at' => $one->taken->format(self::TIME),
                        'places' => '[]',
                        'typed' => json_encode([\sprintf('%.4f %s', $new->unit->fromSi($size), $new->typedUnit)], \JSON_THROW_ON_ERROR),
                    ] + $this->by('bench'));
                }
            }
        }
    }

    /** @return array<string, string> */
    private function by(string $who): array
    {
        return ['by_whom' => $this->people[$who]->name, 'by_person_id' => (string) $this->people[$who]->id];
    }

    /**
     * @param array<string, bool|float|int|string|null> $row
     *
     * @return string its id
     */
    private function row(string $table, \DateTimeImmutable $at, array $row): string
    {
        $id = (string) ($row['id'] ?? self::id($at, ++$this->made));
        $this->into->add($table, ['id' => $id, 'made_at' => $at->format(self::TIME)] + $row);

        return $id;
    }

    /** The same each time. */
    private static function idOf(YearCase $one): string
    {
        return self::id($one->taken, $one->ordinal * self::ROWS);
    }

    /** A key that sorts by time of making, as the shop's own do. */
    private static function id(\DateTimeImmutable $at, int $made): string
    {
        $hex = md5('years '.$made);
        $ms = \sprintf('%012x', $at->getTimestamp() * 1000 + $made % self::ROWS);

        return (string) Uuid::fromString(
            \sprintf('%s-%s-7%s-8%s-%s', substr($ms, 0, 8), substr($ms, 8), substr($hex, 0, 3), substr($hex, 3, 3), substr($hex, 6, 12)),
        );
    }
}
