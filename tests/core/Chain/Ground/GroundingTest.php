<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\BaseRates;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\ComplaintFact;
use Japhrex\Core\Chain\Ground\DebrisAct;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Look;
use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Chain\Ground\PlaceCheck;
use Japhrex\Core\Chain\Ground\RateLevel;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\ReadingFact;
use Japhrex\Core\Chain\Ground\Shortlist;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BorrowedKinds;
use Japhrex\Core\Family\PartKind;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Teardown\LookTime;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** A book and a case as a network: where mechanisms hold, what evidence weighs, and which origin the finds speak for. */
#[Group('slow')]
final class GroundingTest extends TestCase
{
    private static ?Book $gearPair = null;

    private static function book(string $key): Book
    {
        // It is as a shop wrote it before parts had kinds.
        return 'gear-pair' !== $key ? Books::book($key) : self::$gearPair ??= (new BookFactory())->book(
            BorrowedKinds::into((array) Yaml::parseFile(__DIR__.'/../../books/gear-pair.yaml'), array_values(Books::types())),
        );
    }

    private static function gearPair(): Grounding
    {
        $mechanisms = Books::mechanisms();

        return new Grounding(
            self::book('gear-pair'),
            Books::modes(),
            $mechanisms->mechanisms,
            $mechanisms->vocabulary,
        );
    }

    /** @param list<array{string, string|null, string|null, int}> $looks part, face, damage (none: clean), grade */
    private static function ground(string $book, array $looks, ?string $complaint = null, bool $comeback = false): Ground
    {
        $mechanisms = Books::mechanisms();
        $facts = new Facts(
            array_map(
                static fn (array $look): LookFact => new LookFact($look[0], $look[1], $look[2], $look[3]),
                $looks,
            ),
            null === $complaint ? [] : [new ComplaintFact($complaint)],
            [], $comeback,
        );

        return (
            new Grounding(
                self::book($book),
                Books::modes(),
                $mechanisms->mechanisms,
                $mechanisms->vocabulary,
            )
        )->ground($facts);
    }

    /** @return list<Candidate> */
    private static function candidates(Ground $ground): array
    {
        return Analysis::of($ground)->candidates();
    }

    /** @return list<array{string, string|null, string|null, int}> */
    private static function scored(): array
    {
        return [
            ['suction-strainer', 'mesh', 'debris', 3],
            ['front-block', 'face', 'scoring', 3],
            ['rear-block', 'face', 'scoring', 3],
            ['drive-gear', 'end-face', 'scoring', 2],
            ['shaft-seal', null, null, 0],
            ['coupling', null, null, 0],
        ];
    }

    public function testThereAreSixtyMechanismsAndEachSaysWhatItLooksLikeAndWhereItIsFrom(): void
    {
        $with = array_filter(Books::mechanisms()->mechanisms, static fn ($one): bool => [] !== $one->rules);
        self::assertGreaterThanOrEqual(60, \count($with));
        foreach ($with as $one) {
            self::assertNotSame('', $one->tells);
            self::assertNotSame('', $one->source);
        }
    }

    public function testAMechanismHoldsInEveryBookOrItsAuthorSaysWhyNot(): void
    {
        $modes = Books::modes();
        foreach (Books::all() as $book) {
            self::assertSame([], PlaceCheck::problems($book, Books::mechanisms(), $modes), $book->key);
        }
        $asked = PlaceCheck::problems(self::book('gear-pair'), Books::mechanisms(), $modes);
        self::assertStringContainsString(
            '“What slips burns” holds nowhere in A pair of gears.',
            implode("\n", array_column($asked, 'message')),
        );
    }

    public function testNoGeneralMechanismKnowsAPartByItsName(): void
    {
        foreach (Books::mechanisms()->mechanisms as $mechanism) {
            foreach ($mechanism->rules as $rule) {
                foreach ($rule->where->features as [, $any]) {
                    self::assertSame([], preg_grep('~^/~', $any), $mechanism->key);
                }
            }
        }
    }

    public function testABookThatIsOlderThanTheKindsOfPartsTakesThemFromItsLike(): void
    {
        $parts = self::book('gear-pair')->parts;
        self::assertSame([PartKind::Block], $parts['rear-block']->kinds);
        self::assertSame([PartKind::Filter, PartKind::Suction], $parts['suction-strainer']->kinds);
        // Only what the book has itself, and only where it says nothing.
        self::assertSame([], array_diff(self::book('gear-pair')->complaints['locked']->parts, array_keys($parts)));
        self::assertNotContains('front-bushes', self::book('gear-pair')->complaints['locked']->parts);
        $own = BorrowedKinds::into(
            ['parts' => ['block' => ['kind' => ['cover']], 'seal' => []], 'complaints' => []],
            [['parts' => ['block' => ['kind' => ['block']], 'seal' => ['kind' => ['lip-seal']]]]],
        );
        self::assertSame(['block' => ['kind' => ['cover']], 'seal' => ['kind' => ['lip-seal'], 'surfaces' => []]], $own['parts']);
    }

    public function testAComplaintLeadsToThePartsThatItHangsOn(): void
    {
        // A shift that slams hangs on balls and accumulators; a gasket of the pan can be as wrong and makes no shift slam.
        $looks = Analysis::of(self::ground('automatic-transmission', [], 'slams'), ['check-balls' => 10.0, 'pan-gasket' => 10.0])->looks;
        self::assertSame('check-balls', $looks[0]->part);
        self::assertGreaterThan(2.0 * (($looks[1] ?? null)->bits ?? 0.0), $looks[0]->bits);
        $parts = static fn (string $book, string $complaint): array => self::book($book)->complaints[$complaint]->parts;
        self::assertContains('check-balls', $parts('automatic-transmission', 'slams'));
        self::assertNotContains('pan-gasket', $parts('automatic-transmission', 'slams'));
    }

    public function testOilCarriesDebrisInItsDirectionAndAFilterHoldsIt(): void
    {
        $ground = self::ground('gear-pair', []);
        $strength = static fn (Ground $ground, string $from, string $to): ?float => array_values(
            array_filter($ground->into[$to] ?? [], static fn (Tie $tie): bool => $tie->from === $from)
        )[0]->strength ?? null;
        self::assertEqualsWithDelta(0.93, $strength($ground, 'state:debris@suction-fitting', 'state:debris@body'), 1e-9);
        self::assertNull($strength($ground, 'state:debris@body', 'state:debris@suction-fitting'), 'not against the stream');
        $past = static fn (string $book, string $filter, string $next): ?float => $strength(
            self::ground($book, []), 'state:debris@'.$filter, 'state:debris@'.$next,
        );
        self::assertEqualsWithDelta(0.93 * 0.5, $past('roller-pump', 'strainer', 'hose-fittings'), 1e-9, 'past a screen in the suction');
        self::assertEqualsWithDelta(0.93 * 0.3, $past('distributor-injection-pump', 'fuel-filter', 'inlet-screen'), 1e-9, 'past paper');
        // The face that runs on the gears is scored by what the oil brings; the back, which runs on nothing, is not.
        self::assertNotNull($strength($ground, 'state:debris@front-block', 'damage:scoring@front-block/face'));
        self::assertNull($strength($ground, 'state:debris@front-block', 'damage:scoring@front-block/back'));
    }

    #[Group('slow')]
    public function testWhatGetsPastASealIsSeenOnWhatHoldsItAndARollingBearingRunsOnItself(): void
    {
        $pump = self::ground('centrifugal-pump', []);
        $causes = static fn (string $of): array => array_map(static fn (Tie $tie): string => $tie->from, $pump->into[$of] ?? []);
        self::assertContains('damage:cracking@face-seal', $causes('damage:leak-trace@face-seal'));
        self::assertContains('damage:leak-trace@face-seal', $causes('damage:leak-trace@slinger'));
        self::assertContains('damage:leak-trace@slinger', $causes('damage:leak-trace@bracket'), 'the weep hole tells of the seal');
        self::assertContains('state:dry@front-bearing', $causes('damage:scuffing@front-bearing/race'), 'no shaft or bush is its mate');
        self::assertContains('state:debris@front-bearing', $causes('damage:indentation@front-bearing/race'));
    }

    public function testASlightBreakIsMistakenAsSeldomAsAGraverMarkOfRunning(): void
    {
        $falsely = static fn (string $mode, int $grade): float => self::ground(
            'gear-pair', [['front-block', 'face', $mode, $grade]],
        )->seen['damage:'.$mode.'@front-block'.('scoring' === $mode ? '/face' : '')]->ifFalse;
        self::assertSame($falsely('scoring', 3), $falsely('fracture', 2));
        self::assertLessThan($falsely('scoring', 1), $falsely('fracture', 1));
        self::assertSame($falsely('scoring', 4), $falsely('fracture', 4), 'no look is surer than that');
    }

    public function testEveryBookGroundsWithoutLoopsTheSameEachTime(): void
    {
        foreach (
            ['external-gear-pump', 'automatic-transmission', 'axial-piston-pump-tandem', 'centrifugal-pump', 'transfer-case'] as $key
        ) {
            $ground = self::ground($key, []);
            self::assertCount(\count($ground->spots), $ground->question()->network->order, 'without a loop');
            self::assertTrue(serialize($ground) === serialize(self::ground($key, [])), 'the same each time');
            $sum = array_sum(array_map(static fn ($spot): float => 'origin' === $spot->kind ? $spot->leak : 0.0, $ground->spots));
            self::assertGreaterThan(0.6, $sum, $key);
            self::assertLessThan(1.2, $sum, $key.': a unit that failed has about one origin');
        }
    }

    public function testAPlainSeenAndAPlainCleanAreNeverQuiteCertain(): void
    {
        $ground = self::ground('gear-pair', [['front-block', 'face', 'scoring', 3], ['body', 'suction-side', null, 0]]);
        $seen = $ground->seen['damage:scoring@front-block/face'];
        self::assertSame([0.0002, 1.0], [$seen->ifFalse, $seen->ifTrue]);
        $clean = $ground->seen['damage:cavitation-erosion@body/suction-side'];
        self::assertEqualsWithDelta(0.1, $clean->ifTrue, 1e-9, 'one look in ten misses it');
    }

    public function testScoresInEveryGapAndGrainsInTheStrainerSpeakForDirt(): void
    {
        $candidates = self::candidates(self::ground('gear-pair', self::scored(), 'low-flow'));
        self::assertSame('origin:dirt-let-in', $candidates[0]->origin->id());
        self::assertGreaterThan(0.5, $candidates[0]->posterior);
        self::assertSame([], $candidates[0]->leaves, 'it explains every find and the complaint');
        $told = array_map(static fn (Tie $tie): string => $tie->to, $candidates[0]->story);
        self::assertContains('damage:scoring@front-block/face', $told);
        self::assertContains('complaint:low-flow', $told);
        self::assertSame('origin:dirt-let-in', $candidates[0]->story[0]->from);
    }

    public function testTheSameFindsInAUnitThatComesBackSpeakForWhatWasLeftInIt(): void
    {
        $first = self::candidates(self::ground('gear-pair', self::scored(), 'low-flow'));
        $again = self::candidates(self::ground('gear-pair', self::scored(), 'low-flow', true));
        $share = static fn (array $all): float => array_sum(
            array_map(static fn (Candidate $one): float => 'origin:leftover-debris' === $one->origin->id() ? $one->posterior : 0.0, $all)
        );
        self::assertGreaterThan($share($first) + 0.2, $share($again));
    }

    public function testASealPushedOutWithEverythingElseCleanSpeaksForTheDrain(): void
    {
        $looks = [['shaft-seal', 'lip', 'lip-displaced', 3]];
        foreach (['drive-gear', 'driven-gear', 'front-block', 'rear-block', 'front-bushes', 'rear-bushes', 'body'] as $part) {
            $looks[] = [$part, null, null, 0];
        }
        $candidates = self::candidates(self::ground('gear-pair', $looks, 'leak-shaft'));
        self::assertSame('origin:drain-blocked', $candidates[0]->origin->id());
        self::assertGreaterThan(2 * $candidates[1]->posterior, $candidates[0]->posterior);
    }

    public function testAReadingWithinItsLimitSpeaksAgainstWearAndOneBeyondItForIt(): void
    {
        $grounding = self::gearPair();
        $of = static fn (LimitVerdict $verdict): bool => $grounding->ground(
            new Facts([], [], [new ReadingFact('body', 'Side clearance', $verdict)])
        )->seen['damage:worn@body']->speaksFor();
        self::assertTrue($of(LimitVerdict::Outside));
        self::assertFalse($of(LimitVerdict::Within));
        $worn = static fn (LimitVerdict ...$verdicts): float => $grounding->ground(new Facts(
            [new LookFact('body', null, null, 0)], [],
            array_map(
                static fn (LimitVerdict $one): ReadingFact => new ReadingFact('body', 'Side clearance', $one),
                array_values($verdicts),
            ),
        ))->seen['damage:worn@body']->ifTrue;
        self::assertEqualsWithDelta(0.1, $worn(LimitVerdict::Within), 1e-9, 'a gauge says more than a look');
        self::assertEqualsWithDelta(1.0, $worn(LimitVerdict::Within, LimitVerdict::Outside), 1e-9, 'the worst reading counts');
    }

    public function testWhatALikelyOriginBringsAboutIsExpectedBeforeWhatItDoesNot(): void
    {
        $analysis = Analysis::of(self::ground('gear-pair', self::scored(), 'low-flow'));
        $expected = $analysis->expected();
        $first = $analysis->candidates()[0];
        self::assertGreaterThanOrEqual($first->posterior - 1e-9, $expected[$first->origin->id()], 'the origin itself');
        foreach ($first->explains as $find) {
            self::assertGreaterThan(0.05, $expected[$find], $find);
        }
        self::assertLessThanOrEqual(1.0, max([0.0, ...array_values($expected)]));
    }

    public function testALookOverManyPartsAtOnceSaysLessAndNothingOfWhatTakesAGlassDyeOrGauge(): void
    {
        $grounding = self::gearPair();
        $seen = static fn (LookFact ...$looks): array => $grounding->ground(new Facts(array_values($looks), [], []))->seen;
        $swept = new LookFact('drive-gear', null, null, 0, swept: true);
        $alone = new LookFact('drive-gear', null, null, 0);
        self::assertEqualsWithDelta(1.0 - 0.6, $seen($swept)['damage:fracture@drive-gear']->ifTrue, 1e-9);
        self::assertEqualsWithDelta(1.0 - 0.97, $seen($alone)['damage:fracture@drive-gear']->ifTrue, 1e-9);
        self::assertEqualsWithDelta(1.0 - 0.97, $seen($swept, $alone)['damage:fracture@drive-gear']->ifTrue, 1e-9, 'the closer counts');
        self::assertSame('looked over with the rest, not there', $seen($swept)['damage:fracture@drive-gear']->said);
        foreach (['cracking', 'worn', 'plastic-deformation', 'assembly-fault'] as $mode) {
            self::assertArrayHasKey('damage:'.$mode.'@drive-gear', $seen($alone));
            self::assertArrayNotHasKey('damage:'.$mode.'@drive-gear', $seen($swept), 'an eye does not exclude '.$mode);
        }
    }

    public function testClosedCasesMoveTheBaseRatesAsABetaPriorDoes(): void
    {
        $vocabulary = Books::mechanisms()->vocabulary;
        $book = BaseRates::of($vocabulary);
        self::assertEqualsWithDelta(1.0, array_sum($book->book), 1e-9);
        self::assertEqualsWithDelta(1.0, $book->factor('overload'), 1e-9, 'no case, the book alone');
        self::assertSame([], $book->steps());
        // Ten of ten by dirt: (20·b + 10) / 30.
        $shop = BaseRates::of($vocabulary, new RateLevel('of the family', ['dirt-let-in' => 10]));
        $b = $book->book['dirt-let-in'];
        self::assertEqualsWithDelta((20 * $b + 10) / 30, $shop->blend('dirt-let-in'), 1e-9);
        self::assertEqualsWithDelta(20 / 30, $shop->factor('overload'), 1e-9);
        // Of one model twice as many of ten were dirt as of the family's twenty: drawn to the family, then as its ratio to it.
        $narrow = BaseRates::of(
            $vocabulary, new RateLevel('of the family', ['dirt-let-in' => 10, 'overload' => 10]), new RateLevel('of this model',
                ['dirt-let-in' => 10]),
        );
        $family = (20 * $b + 10) / 40;
        self::assertEqualsWithDelta($family / $b * (20 * $family + 10) / 30 / $family, $narrow->factor('dirt-let-in'), 1e-9);
        $one = BaseRates::of($vocabulary, new RateLevel('of the family', ['rarest' => 1]));
        self::assertArrayNotHasKey('overload', $one->steps(), 'one case of something else moves no step');
        $mechanisms = Books::mechanisms();
        $prior = static fn (?BaseRates $rates): float => (
            new Grounding(
                self::book('gear-pair'),
                Books::modes(),
                $mechanisms->mechanisms,
                $mechanisms->vocabulary,
                $rates,
            )
        )->ground(new Facts([], [], []))->spots['origin:dirt-let-in']->leak;
        self::assertEqualsWithDelta($prior(null) * $shop->factor('dirt-let-in'), $prior($shop), 1e-9);
    }

    public function testWearOutIsLessLikelyWhenItCameFromOneHourToTheNext(): void
    {
        $grounding = self::gearPair();
        $told = static fn (?bool ...$sudden): ?bool => (
            $grounding->ground(
                new Facts(
                    [],
                    array_map(static fn (?bool $one): ComplaintFact => new ComplaintFact('low-flow', $one), array_values($sudden)),
                    [],
                )
            )->seen['origin:wear-out'] ?? null
        )?->speaksFor();
        self::assertFalse($told(true));
        self::assertTrue($told(false));
        self::assertNull($told(null), 'nobody said');
        self::assertNull($told(true, false), 'two complaints that say different things say nothing');
    }

    public function testWithNothingThatExplainsItTheVerdictIsUndetermined(): void
    {
        $clean = array_map(static fn (string $part): array => [$part, null, null, 0], array_keys(self::book('gear-pair')->parts));
        self::assertTrue(
            Shortlist::isUndetermined(self::candidates(self::ground('gear-pair', $clean, 'low-pressure'))),
            'everything was looked at and is clean',
        );
        $candidates = self::candidates(self::ground('gear-pair', self::scored(), 'low-flow'));
        self::assertFalse(Shortlist::isUndetermined($candidates));
        foreach (Shortlist::worthTelling($candidates) as $one) {
            self::assertNotSame([], $one->explains);
        }
    }

    public function testAnotherCandidateTellsAsWellWhenItTellsTheSameFindsAndIsNotMuchLessLikely(): void
    {
        $ground = self::ground('gear-pair', self::scored(), 'low-flow');
        [$first, $other] = array_values(array_filter($ground->spots, static fn (Spot $spot): bool => 'origin' === $spot->kind));
        $tells = static fn (Spot $origin, float $share, string ...$finds): Candidate => new Candidate(
            $origin, $share, [], [], array_values($finds), [], [], [],
        );
        $as = static fn (Candidate ...$candidates): int => \count(Analysis::of($ground)->toldAsWell(array_values($candidates)));
        self::assertSame(1, $as($tells($first, 0.6, 'a', 'b'), $tells($other, 0.2, 'a', 'b')), 'a third is enough');
        self::assertSame(0, $as($tells($first, 0.6, 'a', 'b'), $tells($other, 0.19, 'a', 'b')));
        self::assertSame(0, $as($tells($first, 0.6, 'a', 'b'), $tells($other, 0.5, 'a')), 'it leaves a find');
        self::assertSame(0, $as($tells($first, 0.6, 'a'), $tells($other, 0.5, 'a')), 'one find parts nobody');
        $told = Analysis::of($ground)->toldAsWell([$tells($first, 0.6, 'a', 'b'), $tells($other, 0.5, 'a', 'b')])[0];
        self::assertNotNull($told->versus->look, 'something parts them');
        // By so much they must differ to be worth a look.
        self::assertGreaterThan(0.2, abs($told->versus->first - $told->versus->second));
    }

    public function testALookTakesWhatHasToComeOffBeforeIt(): void
    {
        $book = self::book('gear-pair');
        $none = LookTime::minutes($book, []);
        $steps = array_values($book->strip);
        $time = static fn (int $i): float => $steps[$i]->minutes > 0 ? (float) $steps[$i]->minutes : LookTime::STEP;
        self::assertEqualsWithDelta($time(0) + $time(1) + LookTime::LOOK, $none[$steps[1]->removes[0]], 1e-9);
        self::assertEqualsWithDelta(
            LookTime::LOOK,
            LookTime::minutes($book, $steps[0]->removes)[$steps[0]->removes[0]],
            1e-9,
            'it lies on the bench',
        );
    }

    public function testDebrisReachFollowsTheOilAndSaysWhatToDo(): void
    {
        $reach = Reach::of(self::book('automatic-transmission'), ['forward-pack']);
        $parts = array_column($reach, 'do', 'part');
        self::assertSame('forward-pack', $reach[0]->part);
        self::assertSame(DebrisAct::Replace, $parts['filter'], 'what cannot be cleaned to the bottom is replaced');
        self::assertSame(DebrisAct::Prove, $parts['front-pump'], 'the filter stands before it');
        $gear = Reach::of(self::book('roller-pump'), ['strainer']);
        self::assertSame(DebrisAct::Prove, array_column($gear, 'do', 'part')['hose-fittings'], 'a mesh stands before it');
        $ground = self::ground('automatic-transmission', [['forward-pack', null, 'overheating', 4], ['case', null, 'scoring', 2]]);
        self::assertEquals($reach, Reach::after(self::book('automatic-transmission'), $ground), 'what burnt lets go, a score does not');
        self::assertSame(
            DebrisAct::TakeApart,
            array_column(Reach::of(self::book('roller-pump'), ['strainer'], ['strainer']), 'do', 'part')['hose-fittings'],
            'unless it is torn',
        );
    }

    public function testAMechanismThatSpeaksOfNothingKnownIsRefusedByName(): void
    {
        $conditions = Books::file('mechanisms/conditions');
        $rule = static fn (string $if, string $on = 'unit', string $strength = '0.5'): array => [
            'mechanisms' => [
                'odd' => [
                    'name' => 'Odd',
                    'by' => [],
                    'tells' => 'x',
                    'rules' => [['if' => $if, 'then' => 'state:air', 'on' => $on, 'strength' => $strength]],
                ],
            ],
        ];
        foreach (
            [
                ['state:moonlight', 'unit', '0.5', 'no condition'],
                ['state', 'unit', '0.5', 'kind:key'],
                ['state:air@moon', 'unit', '0.5', 'relations'],
                ['state:hot', 'everywhere', '0.5', 'does not begin'],
                ['state:hot', 'part shiny', '0.5', 'nothing that a place can be'],
                ['state:hot', 'unit', '0', 'no chance'],
                ['state:hot', 'unit', '1', 'no chance'],
                ['state:hot', 'unit', '1.5', 'no chance'],
            ] as [$if, $on, $strength, $said]
        ) {
            try {
                MechanismBook::of([$conditions, $rule($if, $on, $strength)]);
                self::fail("$if $on $strength was taken.");
            } catch (BookError $error) {
                self::assertStringContainsString($said, $error->getMessage());
                self::assertStringContainsString('odd', $error->getMessage());
            }
        }
    }

    /**
     * A scored pump with further facts, by name.
     *
     * @param array{
     *     looks?: list<LookFact>, orders?: array<string, int>, refused?: array<string, string>,
     *     settled?: array<string, array{bool, string}>, sinceRepair?: float,
     * } $more
     */
    private static function grounded(array $more): Ground
    {
        $mechanisms = Books::mechanisms();
        $looks = array_map(
            static fn (array $look): LookFact => new LookFact($look[0], $look[1], $look[2], $look[3]),
            self::scored(),
        );

        return (
            new Grounding(
                self::book('gear-pair'),
                Books::modes(),
                $mechanisms->mechanisms,
                $mechanisms->vocabulary,
            )
        )->ground(
            new Facts(
                $more['looks'] ?? $looks, [], [], false, $more['orders'] ?? [], $more['refused'] ?? [], $more['settled'] ?? [],
                $more['sinceRepair'] ?? null,
            )
        );
    }

    public function testSoonAfterARepairHandsAreLikelierAndLongAfterLessSo(): void
    {
        $chance = static fn (?float $hours): float => Analysis::of(self::grounded(null === $hours ? [] : ['sinceRepair' => $hours]))
            ->theory('origin:leftover-debris')->posterior ?? self::fail('nothing was left over');
        self::assertGreaterThan($chance(null), $chance(1.0), 'an hour');
        self::assertLessThan($chance(null), $chance(1e5), 'years');
    }

    public function testALinkThatWasRefusedIsNotThereAndSaysWhy(): void
    {
        $plain = self::grounded([]);
        $tie = array_values(array_filter($plain->ties, static fn (Tie $tie): bool => 'origin:dirt-let-in' === $tie->from))[0];
        $without = self::grounded(['refused' => [$tie->key() => 'the tank was sealed']]);
        self::assertSame([$tie->key() => 'the tank was sealed'], $without->barred);
        self::assertNotContains($tie->key(), array_map(static fn (Tie $one): string => $one->key(), $without->ties));
    }

    public function testAnEffectIsNotOlderThanItsCause(): void
    {
        $plain = self::grounded([]);
        $between = static fn (Ground $ground): array => array_filter(
            $ground->ties,
            static fn (Tie $tie): bool => str_contains($tie->from, '@front-block')
                && 'state:leakage' === $tie->to
                && str_starts_with($tie->from, 'damage:scoring'),
        );
        self::assertNotSame([], $between($plain));
        $looks = [new LookFact('front-block', 'face', 'scoring', 3, 5)];
        $ordered = self::grounded(['looks' => $looks, 'orders' => ['state:leakage' => 2]]);
        self::assertSame([], $between($ordered));
        self::assertStringContainsString('the effect (number 2) would be older than its cause (number 5)', implode(' ', $ordered->barred));
        self::assertNotSame(
            [],
            $between(self::grounded(['looks' => $looks, 'orders' => ['state:leakage' => 7]])),
            'the other way round it may be',
        );
    }

    public function testAStoryDoesNotPassThroughWhatCameTooLate(): void
    {
        $story = static fn (array $more): array => array_map(
            static fn (Tie $tie): string => $tie->to,
            self::first(self::grounded($more))->story,
        );
        self::assertContains('damage:scoring@front-block/face', $story([]));
        $late = array_map(
            static fn (array $look): LookFact => new LookFact(
                $look[0],
                $look[1],
                $look[2],
                $look[3],
                'scoring' === $look[2] ? 1 : null,
            ),
            self::scored(),
        );
        $debris = array_fill_keys(
            array_filter(array_keys(self::grounded([])->spots), static fn (string $id): bool => str_starts_with($id, 'state:debris')),
            9,
        );
        self::assertNotContains(
            'damage:scoring@front-block/face',
            $story(['looks' => $late, 'orders' => $debris]),
            'what was there first was not brought about by debris that came later',
        );
    }

    private static function first(Ground $ground): Candidate
    {
        return Analysis::of($ground)->theory('origin:dirt-let-in') ?? self::fail('There is no such origin.');
    }

    public function testAFigureThatSpeaksAgainstAnOriginMakesItLessLikely(): void
    {
        $share = static fn (array $settled): float => Analysis::of(
            self::grounded(['settled' => $settled])
        )->theory('origin:overload')->posterior
            ?? 0.0;
        self::assertLessThan($share([]) / 5, $share(['origin:overload' => [false, 'torque 40 of 120 N m']]));
        self::assertGreaterThan($share([]) * 5, $share(['origin:overload' => [true, 'torque 240 of 120 N m']]));
    }

    public function testThePartThatTellsMostIsLookedAtNext(): void
    {
        $minutes = array_fill_keys(array_keys(self::book('gear-pair')->parts), 5.0);
        $looks = Analysis::of(self::grounded([]), $minutes)->looks;
        self::assertNotContains(
            'front-block',
            array_map(static fn (Look $look): string => $look->part, \array_slice($looks, 0, 3)),
            'its face was seen already',
        );
        foreach ($looks as $i => $look) {
            self::assertGreaterThanOrEqual(0.0, $look->bits);
            self::assertTrue(0 === $i || $looks[$i - 1]->bitsPerMinute() >= $look->bitsPerMinute());
        }
        $near = $minutes;
        $near[$looks[0]->part] = 500.0;
        self::assertNotSame(
            $looks[0]->part,
            Analysis::of(self::grounded([]), $near)->looks[0]->part,
            'a look that takes a day is worth less for its minutes',
        );
    }

    public function testTwiceAsMuchToldIsWorthTheWayToTheMachine(): void
    {
        [$atTheMachine, $onTheBench] = [new Look('mount', 0.4, 8.0, []), new Look('shaft', 0.2, 2.0, [])];
        // Twelve minutes go into cleaning, the picture and the record at either: 0.4 / 20 against 0.2 / 14 bits a minute.
        self::assertEqualsWithDelta(0.02, $atTheMachine->bitsPerMinute(), 1e-12);
        self::assertGreaterThan($onTheBench->bitsPerMinute(), $atTheMachine->bitsPerMinute());
        self::assertLessThan($onTheBench->bitsPerMinute(), (new Look('bearing', 0.4, 60.0, []))->bitsPerMinute());
    }

    public function testABookAddsMechanismsAndPutsItsOwnInTheirPlace(): void
    {
        $content = Books::told('external-gear-pump');
        $rule = ['if' => 'state:water', 'then' => 'damage:corrosion@here', 'on' => 'part spring', 'strength' => 0.9];
        $content['mechanisms'] = [
            'abrasion' => ['name' => 'Not here', 'by' => [], 'tells' => 'Nothing.', 'source' => 'a book'],
            'rusty-spring' => [
                'name' => 'A spring rusts',
                'by' => ['oil'],
                'tells' => 'Brown coils.',
                'source' => 'a book',
                'rules' => [$rule],
            ],
        ];
        $book = (new BookFactory())->book($content);
        $own = Books::mechanisms()->with($book);
        self::assertSame('Not here', $own->mechanisms['abrasion']->name);
        $ground = (
            new Grounding($book, Books::modes(), $own->mechanisms, $own->vocabulary)
        )->ground(new Facts([], [], []));
        $by = array_count_values(array_map(static fn (Tie $tie): string => $tie->mechanism, $ground->ties));
        self::assertArrayNotHasKey('abrasion', $by, 'without rules it does not work here');
        self::assertArrayHasKey('rusty-spring', $by);
        self::assertArrayHasKey('leakage-noticed', $by, 'the others stay');
        $content['mechanisms']['rusty-spring']['rules'][0]['if'] = 'state:moonlight';
        $this->expectException(BookError::class);
        $this->expectExceptionMessage('speaks of the state “moonlight”, which is no condition');
        Books::mechanisms()->with((new BookFactory())->book($content));
    }
}
