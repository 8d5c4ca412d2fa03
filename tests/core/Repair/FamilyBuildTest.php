<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\Laid;
use Japhrex\Core\Family\Lifting;
use Japhrex\Core\Family\UnitIs;
use Japhrex\Core\Family\UpkeepCheck;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\ProofPlan;
use Japhrex\Core\Proof\SheetCommand;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The build of each family, as somebody of that trade would read it. */
final class FamilyBuildTest extends TestCase
{
    private static function book(string $file, string $type = ''): Book
    {
        return Books::book('' === $type ? $file : $file.'-'.$type);
    }

    /** @return list<string> */
    private static function titles(Book $book): array
    {
        return array_map(static fn (BuildStep $one): string => $one->title, BuildSheet::of($book));
    }

    public function testABuildAsksForWhatItsOwnVersionHas(): void
    {
        $rings = static fn (string $model): array => array_values(array_filter(
            array_map(
                static fn (BuildStep $one): string => $one->title,
                BuildSheet::of(self::book('stacked-gear-pump'), new UnitIs($model)),
            ),
            static fn (string $title): bool => str_starts_with($title, 'Rings of the dividers'),
        ));
        self::assertSame(['Rings of the dividers, six, in their grooves'], $rings('Dunmarrow S3'));
        self::assertSame(['Rings of the dividers, nine, in their grooves'], $rings('Pellam OS 4'));
        self::assertCount(2, $rings(''), 'nobody has said which it is: both stand there');

        $balls = static fn (?int $built): array => array_map(
            static fn (Laid $one): string => $one->told,
            array_values(array_filter(
                BuildSheet::of(self::book('automatic-transmission'), new UnitIs('Halvorsund A4', built: $built)),
                static fn (BuildStep $one): bool => 'act-body-balls' === $one->key,
            ))[0]->act->laid ?? [],
        );
        self::assertSame('5.5 mm, steel', $balls(2011)[1]);
        self::assertStringContainsString('red polymer', $balls(2012)[2], 'by its place in the book, which is how it is ticked');
        self::assertCount(3, $balls(null));
    }

    public function testWhatOnePersonDoesNotLiftIsSaidWhereItIsLifted(): void
    {
        $lifts = static function (string $book, string $model, string $type = ''): array {
            $sheet = BuildSheet::of(self::book($book, $type), new UnitIs($model));

            return array_filter(array_combine(
                array_map(static fn (BuildStep $one): string => $one->key, $sheet),
                array_map(static fn (BuildStep $one): string => implode(' ', $one->lifts), $sheet),
            ));
        };
        $tandem = $lifts('axial-piston-pump', 'Pellam K45 T', 'tandem');
        self::assertStringContainsString('Rear half, 29 kg: hoisted', $tandem['fit-rear-off']);
        self::assertStringContainsString('The whole unit, 61 kg: hoisted', array_pop($tandem) ?? '', 'the last that goes on');
        self::assertCount(1, $tandem);
        self::assertSame([], $lifts('roller-pump', ''), 'carried in two hands');
        self::assertStringContainsString(
            'The whole unit, up to 118 kg',
            implode(' ', $lifts('centrifugal-pump', '')),
            'nobody has said which it is',
        );
        $two = $lifts('automatic-transmission', 'Halvorsund A4')['fit-converter'];
        self::assertStringContainsString('Converter, full, 19 kg: by its hub with a second person', $two, 'no hoist is asked for');
    }

    public function testNothingInADryPumpIsOiled(): void
    {
        $care = array_map(static fn (BuildStep $one): array => $one->care, BuildSheet::of(self::book('vane-pump', 'dry')));
        self::assertNotEmpty(array_filter($care));
        foreach ($care as $lines) {
            self::assertArrayNotHasKey('Clean oil', $lines);
        }
        self::assertNotEmpty(array_filter(
            BuildSheet::of(self::book('vane-pump', 'hydraulic')),
            static fn (BuildStep $one): bool => isset($one->care['Clean oil']),
        ), 'the same steps of the pump that runs in oil are');
    }

    public function testFacesOfASealAndProductPumpsSeeNoOil(): void
    {
        $wetted = [['centrifugal-pump', ''], ['internal-gear-process-pump', 'face-seal'], ['internal-gear-process-pump', 'packing']];
        foreach ($wetted as [$file, $type]) {
            foreach (BuildSheet::of(self::book($file, $type)) as $step) {
                if ('fit-bearings' !== $step->key) {
                    self::assertArrayNotHasKey('Clean oil', $step->care, $file.' '.$step->title);
                }
            }
        }
    }

    public function testEachTorqueSaysForWhichThreadsItIs(): void
    {
        $said = 0;
        foreach (['external-gear-pump' => 'oiled', 'hydrostatic-transaxle' => 'dry', 'stacked-gear-pump' => 'oiled'] as $file => $threads) {
            foreach (BuildSheet::of(self::book($file)) as $step) {
                if (BuildKind::Torque === $step->kind) {
                    self::assertStringContainsStringIgnoringCase($threads, $step->how, $step->title);
                    ++$said;
                }
            }
        }
        self::assertSame(4, $said);
    }

    public function testFrictionsAreSoakedBeforeTheFirstPackGoesInAndEndPlayIsReadTight(): void
    {
        $titles = self::titles(self::book('automatic-transmission'));
        $at = static fn (string $title): int => (int) array_search($title, $titles, true);
        self::assertLessThan($at('Low and reverse pack into the case'), $at('Frictions'));
        self::assertGreaterThan($at('Front pump with its seals and gasket'), $at('Pump screws'));
        self::assertGreaterThan($at('Pump screws'), $at('Input end play'));
        self::assertGreaterThan($at('Pump screws'), $at('Packs'));
    }

    public function testWhatTheStandAloneCanTellIsNotSignedInTheBuild(): void
    {
        foreach (['axial-piston-pump' => 'single', 'hydrostatic-transaxle' => '', 'reversing-gearbox' => ''] as $file => $type) {
            foreach (self::titles(self::book($file, $type)) as $title) {
                self::assertDoesNotMatchRegularExpression('/^(Cut-off|Power control|Neutral|Bleeding|Half coupling)$/', $title, $file);
            }
        }
    }

    public function testATandemIsBuiltAndProvedHalfByHalf(): void
    {
        $book = self::book('axial-piston-pump', 'tandem');
        $rear = array_filter(BuildSheet::of($book), static fn (BuildStep $one): bool => 'Rear half' === $one->stage);
        self::assertSame(
            ['fit-rear-shaft', 'turn-fit-rear-shaft', 'fit-rear-cradle', 'fit-rear-group', 'fit-rear-plate', 'fit-rear-off',
                'set-rear-screws', 'turn-after-set-rear-screws'],
            array_values(array_map(static fn (BuildStep $one): string => $one->key, $rear)),
        );
        $proved = array_map(static fn (ProofItem $one): string => $one->stage, ProofPlan::of($book, []));
        self::assertSame(['' => 10, 'Front half' => 3, 'Rear half' => 3], array_count_values($proved));
        $single = ProofPlan::of(self::book('axial-piston-pump', 'single'), []);
        self::assertSame([''], array_values(array_unique(array_map(static fn (ProofItem $one): string => $one->stage, $single))));
    }

    public function testWhatTheRearHalfCountsIsCountedWhereItGoesIn(): void
    {
        foreach (BuildSheet::of(self::book('axial-piston-pump', 'tandem')) as $step) {
            if ('fit-rear-group' === $step->key) {
                self::assertSame(['pistons', 'hold-down pins'], array_map(static fn (Count $one): string => $one->what, $step->counts));
            }
            if ('fit-rear-plate' === $step->key) {
                self::assertSame([], $step->counts);
            }
        }
    }

    public function testALockIsSignedAfterTheTorqueThatItHoldsAndAPinBefore(): void
    {
        $at = array_flip(array_map(
            static fn (BuildStep $one): string => $one->key,
            BuildSheet::of(self::book('internal-gear-process-pump', 'packing')),
        ));
        self::assertGreaterThan($at['set-lock-nut'], $at['act-lock-tab']);
        self::assertGreaterThan($at['set-head-screws'], $at['act-rim-screws'], 'the carrier is locked when it stands');
        self::assertGreaterThan($at['act-rim-screws'], $at['set-end-clearance'], 'and its clearance is read with it locked');
        self::assertGreaterThan($at['fit-outside'], $at['again-end-clearance-outside'], 'and again when the coupling is on');
        self::assertLessThan($at['set-head-screws'], $at['stands-head'], 'how the head stands is seen before it is tight');
    }

    public function testEveryFamilyCanTellItsUserAndKnowsItsDangers(): void
    {
        foreach (Books::all() as $key => $book) {
            $upkeep = $book->upkeep;
            self::assertCount(5, $upkeep->advice->works ?? [], $key);
            self::assertMatchesRegularExpression('/^(up to )?\d+ kg$/', Lifting::weight($book, new UnitIs()), $key);
            self::assertNotEmpty($upkeep->acts, $key);
            self::assertNotEmpty($upkeep->sets, $key);
            self::assertNotEmpty($upkeep->fasteners, $key);
        }
    }

    public function testACautionOfTheStripDoesNotStandInTheBuild(): void
    {
        foreach (Books::all() as $key => $book) {
            foreach (BuildSheet::of($book) as $step) {
                self::assertStringNotContainsString('When it came off', $step->caution, $key.' '.$step->title);
                self::assertDoesNotMatchRegularExpression('/ in$|\bpuller\b/', $step->title.' '.$step->caution, $key);
            }
            self::assertStringContainsString('Caution: ', SheetCommand::told($key, SheetCommand::steps($book, 'build')));
        }
    }

    /** @return iterable<string, array{\Closure(array<mixed>): array<mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'nothing said of how a part goes in' => [
            static fn (array $book): array => ['fits' => \array_slice($book['fits'], 1)] + $book,
            '"shaft" takes parts out, and no entry of "fits" says how they go in',
        ];
        yield 'a step that is none' => [
            static fn (array $book): array => [
                'fits' => [...$book['fits'], ['step' => 'lid', 'title' => 'Lid', 'dry' => 'all']],
            ] + $book,
            'there is no strip step "lid"',
        ];
        $heavy = static fn (array $more): \Closure => static fn (array $book): array => [
            'strip' => [$more + $book['strip'][0], ...\array_slice($book['strip'], 1)],
        ] + $book;
        yield 'a weight that is told in a caution' => [$heavy(['caution' => 'It weighs 31 kg.']), 'what is heavy stands in "lifts"'];
        yield 'a lift of what does not come out there' => [
            $heavy(['lifts' => [['part' => 'rotor', 'weight' => '2 kg', 'hangs' => 'two hands']]]),
            'lifts "rotor", which does not come out with "outside"',
        ];
        yield 'a part heavier than the unit' => [
            $heavy(['lifts' => [['part' => 'strainer', 'weight' => '30 kg', 'hangs' => 'two hands']]]),
            '"strainer" is heavier than the whole unit',
        ];
        yield 'a model that does not say what it weighs' => [
            static fn (array $book): array => ['models' => [['maker' => 'Dunmarrow', 'model' => 'R8']]] + $book,
            'does not say what it weighs',
        ];
        yield 'a torque without threads' => [
            static fn (array $book): array => ['settings' => [['what' => 'Nut', 'value' => '20 N·m']]] + $book,
            'a torque says for which threads it is',
        ];
        $act = ['key' => 'pin', 'kind' => 'pin', 'what' => 'Pin', 'left-out' => 'It falls out.'];
        $set = ['key' => 'set', 'what' => 'Rotor', 'parts' => ['rotor'], 'positions' => [
            ['stands' => 'So.', 'gives' => 'Water.', 'is' => 'right'], ['stands' => 'Else.', 'gives' => 'None.', 'is' => 'wrong'],
        ]];
        $setting = ['key' => 'gap', 'what' => 'Gap', 'value' => '0.1 mm'];
        foreach ([
            ['an act after and before a step', ['acts' => [$act + ['after' => 'shaft', 'before' => 'rotor']]], 'one of the two is enough'],
            ['an act at a step that is none', ['acts' => [$act + ['after' => 'lid']]], 'there is no strip step "lid"'],
            ['an order without what lies where', ['acts' => [['kind' => 'order'] + $act]], 'an order says what is laid where'],
            [
                'an act for a model that the book does not have',
                ['acts' => [$act + ['for' => ['models' => ['Dunmarrow R9']]]]],
                'is for "Dunmarrow R9", and the book has only Dunmarrow R8, Ketterby RB 6',
            ],
            ['an act for a duty that is none', ['acts' => [$act + ['for' => ['duties' => ['brine']]]]], 'is for a duty "brine"'],
            ['two acts of one key', ['acts' => [$act, $act]], 'there are two of the key "pin"'],
            ['a set seen before its part is in', ['sets' => [$set + ['after' => 'shaft']]], '"rotor" goes in only with "rotor"'],
            [
                'a set of which none is right',
                ['sets' => [['positions' => [$set['positions'][1], $set['positions'][1]]] + $set]],
                'has no position that is right',
            ],
            [
                'read again before it is set',
                ['settings' => [$setting + ['after' => 'rotor', 'again' => ['shaft']]]],
                'no step after its own',
            ],
            [
                'a tab that nobody bends',
                ['settings' => [['key' => 'nut', 'what' => 'Nut', 'value' => '20 N·m', 'threads' => 'dry', 'tab' => true]]],
                'no act of the kind "tab"',
            ],
            ['screws that nobody tightens', ['settings' => []], 'no torque of the settings tightens them'],
            [
                'parts that stay out',
                ['fits' => [['step' => 'rotor', 'title' => 'Rotor', 'dry' => 'All.', 'parts' => ['rotor']]]],
                'never goes in again',
            ],
            [
                'a kit with a piece too many',
                ['kits' => ['seal' => ['name' => 'Seals', 'parts' => ['front-seal'], 'pieces' => ['front-seal' => 2]]]],
                'the unit takes 1',
            ],
            ['a size that is no length', ['selective' => ['s' => ['what' => 'Shims', 'part' => 'rotor', 'sizes' => ['3']]]], 'unit'],
        ] as [$name, $broken, $says]) {
            yield $name => [static fn (array $book): array => $broken + $book, $says];
        }
        $last = static fn (array $book): array => $book['proof'][array_key_last($book['proof'])];
        yield 'a proof without its guard' => [
            static fn (array $book): array => ['proof' => array_map(
                static fn (array $step): array => array_diff_key($step, ['guard' => true]),
                $book['proof'],
            )] + $book,
            'no step puts a guard back',
        ];
        yield 'a step that runs and is stopped by nothing' => [
            static fn (array $book): array => ['proof' => array_map(
                static fn (array $step): array => array_diff_key($step, ['stops' => true]),
                $book['proof'],
            )] + $book,
            'does not say what stops it',
        ];
        yield 'a step that proves nothing' => [
            static fn (array $book): array => ['proof' => [...$book['proof'], ['key' => 'x', 'proves' => ''] + $last($book)]] + $book,
            'does not say what it proves',
        ];
        yield 'limits without a unit' => [
            static fn (array $book): array => ['proof' => [
                ...$book['proof'], ['key' => 'x', 'reads' => [['what' => 'Flow', 'least' => '30']]] + $last($book),
            ]] + $book,
            'unit',
        ];
        yield 'threads of a play' => [
            static fn (array $book): array => ['settings' => [['what' => 'Gap', 'value' => '0.1 mm', 'threads' => 'dry']]] + $book,
            'nothing else does',
        ];
        yield 'set before a step that is none' => [
            static fn (array $book): array => ['settings' => [['what' => 'Gap', 'value' => '0.1 mm', 'before' => 'lid']]] + $book,
            'there is no strip step "lid" before which it could be set',
        ];
        yield 'read tight where nothing is tightened' => [
            static fn (array $book): array => [
                'settings' => [['what' => 'Gap', 'value' => '0.1 mm', 'after' => 'shaft', 'tightened' => true]],
            ] + $book,
            'nothing is tightened there',
        ];
        $missing = ['fill' => 'fills, primes or vents', 'hand' => 'by hand before it runs', 'direction' => 'which way it turns'];
        foreach ($missing as $phase => $says) {
            yield 'a proof without '.$phase => [
                static fn (array $book): array => [
                    'proof' => array_filter($book['proof'], static fn (array $step): bool => $phase !== $step['phase']),
                ] + $book,
                $says,
            ];
        }
        yield 'a proof that does not say when' => [
            static fn (array $book): array => ['proof' => [...$book['proof'], ['step' => 'Look', 'expect' => 'Good']]] + $book,
            'does not say when',
        ];
    }

    /** @param \Closure(array<mixed>): array<mixed> $break */
    #[DataProvider('faults')]
    public function testABookThatWouldDoHarmIsRefused(\Closure $break, string $says): void
    {
        $content = Books::told('roller-pump');
        $check = new UpkeepCheck(new FigureRegistry());
        self::assertSame([], $check->problems((new BookFactory())->book($content)));
        $problems = $check->problems((new BookFactory())->book($break($content)));
        self::assertStringContainsString($says, implode(' ', array_map(static fn (BookProblem $one): string => $one->message, $problems)));
    }

    public function testAStepGoesInOnce(): void
    {
        $content = Books::told('roller-pump');
        self::assertIsArray($content['fits']);
        $this->expectException(BookError::class);
        $this->expectExceptionMessage('"shaft" goes in twice');
        (new BookFactory())->book(['fits' => [...$content['fits'], $content['fits'][0]]] + $content);
    }
}
