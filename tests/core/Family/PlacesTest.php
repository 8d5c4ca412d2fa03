<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FieldReadings;
use Japhrex\Core\Family\JudgeCommand;
use Japhrex\Core\Family\JudgeError;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Family\PlaceKind;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each place is a size of its own; the worst counts. */
final class PlacesTest extends TestCase
{
    /** @return array<string, Book>|null */
    private static function shelf(string $key): ?array
    {
        return \in_array($key, Books::names(), true)
            ? array_map(Books::book(...), array_combine($types = array_keys(Books::types($key)), $types))
            : null;
    }

    /**
     * @param array<string, string> $asked
     *
     * @return array{
     *     verdict: string, place: string, places: list<array{place: string, value: float, unit: string, verdict: string}>,
     *     unread: list<string>, worst: array{value: float, unit: string}|null, 'wear-used': float|null,
     *     form: array<string, mixed>|null, rebuild: string,
     *     decisions: array{'needs-reason': list<string>, refused: list<string>}, notes: list<string>,
     * }
     */
    private static function judge(array $asked): array
    {
        return (new JudgeCommand(self::shelf(...)))->answer($asked);
    }

    /** @return iterable<string, list<string>> */
    public static function byHand(): iterable
    {
        foreach (file(__DIR__.'/places.tsv', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (!str_starts_with($line, '#')) {
                yield implode(' ', \array_slice(explode("\t", $line), 0, 3)) => explode("\t", $line);
            }
        }
    }

    #[DataProvider('byHand')]
    public function testOnePlacePastItsLimitIsOutsideAtThatPlace(
        string $book,
        string $type,
        string $field,
        string $readings,
        string $verdict,
        string $place,
        string $used,
        string $form,
    ): void {
        $said = self::judge(['book' => $book, 'field' => $field, 'readings' => $readings] + ('' === $type ? [] : ['type' => $type]));
        self::assertSame([$verdict, $place], [$said['verdict'], $said['place']]);
        self::assertCount(substr_count($readings, ';') + 1, $said['places']);
        if ('' === $used) {
            self::assertNull($said['wear-used']);
        } else {
            self::assertEqualsWithDelta((float) $used, $said['wear-used'], 6e-5);
        }
        if ('' === $form) {
            self::assertNull($said['form']);
        } else {
            [$name, $size] = explode(' ', $form);
            $spread = $said['form'][$name] ?? null;
            self::assertIsArray($spread);
            self::assertEqualsWithDelta((float) $size, $spread['value'], 6e-6);
        }
    }

    public function testTheTableHasEveryFieldWithPlacesOfEveryBook(): void
    {
        $inTable = array_map(static fn (array $row): string => $row[0].' '.$row[2], array_values(iterator_to_array(self::byHand())));
        foreach (Books::names() as $name) {
            foreach (self::shelf($name) ?? [] as $book) {
                foreach ($book->parts as $part) {
                    foreach ($part->fields as $field) {
                        self::assertTrue(
                            [] === $field->places || null !== $field->placesAre,
                            $part->key.'/'.$field->key.' says what its places are',
                        );
                        self::assertTrue(
                            [] === $field->places || \in_array($name.' '.$part->key.'/'.$field->key, $inTable, true),
                            $part->key.'/'.$field->key.' stands in the table',
                        );
                    }
                }
            }
        }
    }

    /** The four that were wrong, and what they must say. */
    public function testTheFourThatSaidWithinOrUndecided(): void
    {
        $width = self::judge(
            ['book' => 'external-gear-pump', 'field' => 'drive-gear/thickness', 'readings' => '26.000 mm; 26.000 mm; 26.000 mm; 25.960 mm']
        );
        self::assertSame(['outside', "9 o'clock", 25.96], [$width['verdict'], $width['place'], $width['worst']['value'] ?? 0.0]);
        // (26 − 25.960)/(26 − 25.965)
        self::assertEqualsWithDelta(1.142857, $width['wear-used'], 1e-6);
        self::assertSame(
            ['outside', 'shortest'],
            [
                (
                    $rollers = self::judge(['book' => 'roller-pump', 'field' => 'rollers/length', 'readings' => '33.28 mm; 33.00 mm'])
                )['verdict'],
                $rollers['place'],
            ],
        );
        self::assertSame('outside', $rollers['form']['verdict'] ?? '', 'their difference is a limit of its own');
        self::assertSame(
            ['outside', 'rear end'],
            [
                (
                    $vane = self::judge(
                        [
                            'book' => 'vane-pump',
                            'type' => 'hydraulic',
                            'field' => 'vanes/height',
                            'readings' => '17.0 mm; 17.0 mm; 16.75 mm',
                        ]
                    )
                )['verdict'],
                $vane['place'],
            ],
        );
        $land = self::judge(['book' => 'roller-pump', 'field' => 'shaft/seal-land', 'readings' => '15.78 mm; 15.80 mm']);
        self::assertSame(['outside', 'outside'], array_column($land['places'], 'verdict'));
    }

    public function testAPlaceNotReadKeepsItOpenUnlessOneIsOutsideAlready(): void
    {
        $asked = ['book' => 'roller-pump', 'field' => 'rollers/length'];
        $open = self::judge($asked + ['readings' => '33.28 mm']);
        self::assertSame(['open', ['shortest']], [$open['verdict'], $open['unread']]);
        self::assertSame('outside', self::judge($asked + ['readings' => ';33.00 mm'])['verdict']);
    }

    public function testALimitBindsWhatMayBecomeOfThePart(): void
    {
        $gear = ['book' => 'external-gear-pump', 'field' => 'drive-gear/thickness'];
        // Within in service (min 25.965), outside in a rebuild (min 25.980).
        $used = self::judge($gear + ['readings' => '25.975 mm; 25.975 mm; 25.975 mm; 25.975 mm']);
        self::assertSame(['within', 'outside'], [$used['verdict'], $used['rebuild']]);
        self::assertSame(['needs-reason' => ['reuse', 'clean-up', 'one-more-run'], 'refused' => []], $used['decisions']);
        self::assertSame(
            ['needs-reason' => [], 'refused' => []],
            self::judge($gear + ['readings' => '26.00 mm; 26.00 mm; 26.00 mm; 26.00 mm'])['decisions'],
        );
        // A lip worn into the body is scrap: no reason helps.
        self::assertSame(
            ['reuse', 'clean-up', 'one-more-run'],
            self::judge(['book' => 'roller-pump', 'field' => 'body/lip', 'readings' => '0.09 mm'])['decisions']['refused'],
        );
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function refusals(): iterable
    {
        $good = ['book' => 'roller-pump', 'field' => 'rollers/length', 'readings' => '33.28 mm; 33.00 mm'];
        yield 'no such book' => [['book' => 'lawn-mower'] + $good, 'book'];
        yield 'a path is no book' => [['book' => '../books/roller-pump'] + $good, 'book'];
        yield 'no such reading' => [['field' => 'rollers/colour'] + $good, 'field'];
        yield 'more places than there are' => [['readings' => '33 mm; 33 mm; 33 mm'] + $good, 'readings'];
        yield 'no number' => [['readings' => 'long'] + $good, 'readings'];
        yield 'beyond measure' => [['readings' => '1e999 mm'] + $good, 'readings'];
        yield 'another dimension' => [['readings' => '33 bar; 33 bar'] + $good, 'readings'];
        yield 'nothing read' => [['readings' => ' ; '] + $good, 'readings'];
        yield 'a zero in bar' => [['zero' => '0.01 bar'] + $good, 'zero'];
        yield 'a step below nothing' => [['resolution' => '-0.01 mm'] + $good, 'resolution'];
        yield 'a doubt in degrees' => [['expanded' => '1 deg'] + $good, 'expanded'];
        yield 'a duty the book has not' => [['duty' => 'holiday'] + $good, 'duty'];
        yield 'a type the book has not' => [['type' => 'dry'] + $good, 'type'];
        yield 'a book of several types' => [['book' => 'vane-pump', 'field' => 'vanes/height', 'readings' => '17 mm'], 'type'];
        yield 'half a feeler pair' => [
            ['book' => 'external-gear-pump', 'field' => 'rear-block/flatness', 'readings' => '0.01 mm'],
            'readings',
        ];
        yield 'a feeler has no zero' => [
            ['book' => 'external-gear-pump', 'field' => 'rear-block/flatness', 'readings' => '0.01 mm..0.02 mm', 'zero' => '0 mm'],
            'zero',
        ];
    }

    /** @param array<string, string> $asked */
    #[DataProvider('refusals')]
    public function testWhatCannotBeJudgedIsRefusedByItsKey(array $asked, string $key): void
    {
        try {
            self::judge($asked);
            self::fail('expected a refusal');
        } catch (JudgeError $error) {
            self::assertSame($key, $error->key, $error->getMessage());
        }
    }

    /**
     * @param list<string> $typed
     * @param list<string> $places
     */
    private static function read(PlaceKind $kind, array $typed, array $places, string $expanded = '', string $zero = ''): FieldReadings
    {
        $mm = static fn (float $value): Quantity => Quantity::of($value, 'mm', Dimension::Length);

        return FieldReadings::typed(
            new Field(
                'bore',
                'Bore',
                Dimension::Length,
                Method::Reading,
                [new LimitSet('book', new Limits(null, $mm(9.9), $mm(10.1)), 'sample', true)],
                '',
                ['one', 'two', 'three'],
                '',
                '',
                placesAre: $kind,
            ),
            $typed,
            $places,
            $zero,
            '0 mm',
            $expanded,
        );
    }

    public function testTheScatterOfRepeatsIsPooledOverThePlaces(): void
    {
        $read = self::read(
            PlaceKind::Positions,
            ['10.00 mm', '10.02 mm', '9.95 mm', '9.97 mm', '10.05 mm'],
            ['one', 'one', 'two', 'two', 'three'],
        );
        // Σ squares 2·0.01² + 2·0.01² = 4e-4, ν = 1 + 1 + 0 = 2, s² = 2e-4; u = s/√n at each place.
        $u = array_map(static fn ($at): float => $at->size->u * 1e3, $read->sizes());
        foreach ([sqrt(2e-4 / 2), sqrt(2e-4 / 2), sqrt(2e-4)] as $i => $by) {
            self::assertEqualsWithDelta($by, $u[$i], 1e-12);
        }
        $limits = $read->field->limits();
        self::assertNotNull($limits);
        // One-sided Student, 95 %, ν = 2: 2.919986; at the third place guard 2.919986 · 0.0141421 = 0.0412949.
        self::assertEqualsWithDelta(0.0412949e-3, $read->judge($limits)->places[2]->assessment->guard, 1e-9);
    }

    public function testRepeatsOfOneSpotAreTheirMean(): void
    {
        $limits = self::read(PlaceKind::Repeats, ['10.00 mm'], [])->field->limits();
        self::assertNotNull($limits);
        $judged = self::read(PlaceKind::Repeats, ['10.00 mm', '10.04 mm'], ['one', 'two'])->judge($limits);
        self::assertCount(1, $judged->places);
        self::assertEqualsWithDelta(10.02e-3, $judged->atWorst()->mean, 1e-12);
    }

    public function testZeroAndScaleOfTheGaugeCancelInTheForm(): void
    {
        $typed = ['10.00 mm', '9.97 mm', '10.01 mm'];
        $form = self::read(PlaceKind::Positions, $typed, ['one', 'two', 'three'], '0.02 mm', '0.005 mm')->form();
        self::assertEqualsWithDelta(0.04e-3, $form?->spread, 1e-12);
        self::assertEqualsWithDelta(0.0, $form?->u, 1e-15, 'no step, no repeats: nothing is left of its doubt');
        self::assertEqualsWithDelta(
            0.01e-3,
            self::read(PlaceKind::Positions, $typed, ['one', 'two', 'three'], '0.02 mm')->sizes()[0]->size->u,
            1e-12,
            'a size keeps it',
        );
    }

    public function testASizeWhenNewThatAnotherSourceForbidsIsAskedAboutAndNotUsed(): void
    {
        $mm = static fn (float $value): Quantity => Quantity::of($value, 'mm', Dimension::Length);
        $field = new Field(
            'length',
            'Roller length',
            Dimension::Length,
            Method::Reading,
            [
                new LimitSet('book', new Limits($mm(33.00), $mm(32.80), null), 'sample', true),
                new LimitSet('shop', new Limits(null, $mm(33.05), null), 'our sheet', false),
            ],
            '',
            [],
            '',
            '',
        );
        self::assertNull($field->limits()?->new);
        self::assertTrue($field->doubtfulNew()?->equals($mm(33.00)));
        self::assertNull($field->doubtfulNew(chosen: 'book'), 'the source that was chosen is at one with itself');
    }

    public function testReadingsWhosePlacesNobodyToldAreJudgedOneByOne(): void
    {
        $limits = self::read(PlaceKind::Positions, ['10.00 mm'], [])->field->limits();
        self::assertNotNull($limits);
        $judged = self::read(PlaceKind::Positions, ['10.00 mm', '10.00 mm', '9.85 mm'], [])->judge($limits);
        self::assertSame('outside at place not told', $judged->says());
        self::assertSame(['1 more of one, two and three'], self::read(PlaceKind::Positions, ['10.00 mm', '10.00 mm'], [])->unread());
    }
}
