<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\CleanLooks;
use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Chain\Ground\Missed;
use Japhrex\Core\Chain\Ground\ReadingFact;
use Japhrex\Core\Chain\Ground\ReadingSays;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Chain\Ground\ToldFact;
use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Damage\FoundBy;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a look, a reading or a word says, and of what. */
final class WhatEvidenceSaysTest extends TestCase
{
    private static function vocabulary(): Vocabulary
    {
        return Books::mechanisms()->vocabulary;
    }

    /** @return array<string, float> damage => what is left of its likelihood after a look at the face that found nothing else */
    private static function left(LookFact $look): array
    {
        $spots = [];
        foreach (['scoring' => 0.9, 'cracking' => 0.6, 'fracture' => 0.97] as $mode => $found) {
            $spots[Spot::idOf('damage', $mode, 'plate/face')] = new Spot('damage', $mode, 'plate/face', $mode, 0.01, $found);
        }
        $modes = Books::modes();
        $evidence = (new CleanLooks($modes, self::vocabulary()->weights))->evidence(
            [$look],
            $spots,
            [],
            static fn (LookFact $one): array => [$one->part.'/'.$one->surface],
        );
        $left = [];
        foreach ($spots as $id => $spot) {
            $left[$spot->key] = ($evidence[$id] ?? new Evidence($id, 1.0, 1.0, ''))->ifTrue;
        }

        return $left;
    }

    public function testWearOnOneSideSpeaksOfAShaftThatIsPulledAndAllRoundAgainstIt(): void
    {
        $words = self::vocabulary();
        $says = static function (string $side, string $mode = 'scoring') use ($words): array {
            $found = [];
            foreach ((new LookFact('front-bushes', 'bore', $mode, 3, side: $side))->lies([], $words) as $one) {
                $found[$one->spot] = $one->speaksFor();
            }

            return $found;
        };
        self::assertTrue($says('one-side')['state:side-load']);
        self::assertFalse($says('all-round')['state:side-load']);
        self::assertSame([true, false], [$says('inlet')['state:over-pressure'], $says('inlet')['state:side-load']]);
        self::assertSame([], $says('at the top'), 'other words are kept and say nothing');
        self::assertSame([], $says('one-side', 'deposits'), 'only wear has a side');
    }

    /**
     * A clearance is worked out from two sizes: bush 25.06 in a limit of 25.08 and pin 24.85 below its limit of 24.93 make 0.21 mm, and the
     * pin is what wore.
     *
     * @param array<string, LimitVerdict> $sizes reading => how it was judged
     */
    #[DataProvider('clearances')]
    public function testAClearanceIsLaidToThePartWhoseSizeIsBeyondItsLimit(array $sizes, string $worn): void
    {
        $readings = [new ReadingFact(
            'idler',
            'Clearance on the pin',
            LimitVerdict::Outside,
            ReadingSays::Worn,
            'idler/pin-clearance',
            ['idler/bore', 'idler-pin/diameter'],
        )];
        foreach ($sizes as $field => $verdict) {
            $readings[] = new ReadingFact(explode('/', $field)[0], $field, $verdict, field: $field);
        }
        $spots = [];
        foreach (['idler', 'idler-pin'] as $part) {
            $spots[Spot::idOf('damage', 'worn', $part)] = new Spot('damage', 'worn', $part, 'Worn', 0.02, 1.0);
        }
        $speaksFor = array_filter(ReadingFact::evidence($readings, $spots), static fn (Evidence $one): bool => $one->speaksFor());
        self::assertSame([Spot::idOf('damage', 'worn', $worn)], array_keys($speaksFor));
    }

    /** @return iterable<string, array{array<string, LimitVerdict>, string}> */
    public static function clearances(): iterable
    {
        yield 'nothing else was read: the part on which the book has it' => [[], 'idler'];
        yield 'the pin is beyond its limit' => [['idler-pin/diameter' => LimitVerdict::Outside], 'idler-pin'];
        yield 'the bore is within, the pin was not read' => [['idler/bore' => LimitVerdict::Within], 'idler-pin'];
        yield 'the bore is beyond its limit, the pin within' => [
            ['idler/bore' => LimitVerdict::Outside, 'idler-pin/diameter' => LimitVerdict::Within], 'idler',
        ];
    }

    public function testOneTwinHurtAndTheOtherSoundSpeaksOfThatPartItself(): void
    {
        $spots = [];
        foreach (['defect', 'misfitted', 'own-wear'] as $origin) {
            $spots[Spot::idOf('origin', $origin, 'check-valves')] = new Spot('origin', $origin, 'check-valves', $origin, 0.01, 1.0);
        }
        $look = static fn (string $twin): array => array_map(
            static fn (Evidence $one): string => $one->spot,
            (new LookFact('check-valves', 'seat', 'scoring', 3, twin: $twin))->lies($spots, self::vocabulary()),
        );
        self::assertSame(['origin:defect@check-valves', 'origin:misfitted@check-valves'], $look('left'));
        self::assertSame([[], []], [$look('all'), $look('')]);
    }

    public function testALookForScoringClearsNoCrack(): void
    {
        $any = self::left(new LookFact('plate', 'face', null, 0));
        self::assertEqualsWithDelta(0.1, $any['scoring'], 1e-9, 'nine of ten are found');
        $one = self::left(new LookFact('plate', 'face', null, 0, for: 'scoring'));
        self::assertEqualsWithDelta([0.1, 1.0, 1.0], array_values($one), 1e-9);
    }

    public function testDyeFindsTheCrackThatTheEyePassesBy(): void
    {
        $eye = self::left(new LookFact('plate', 'face', null, 0));
        $dye = self::left(new LookFact('plate', 'face', null, 0, how: FoundBy::Dye));
        self::assertEqualsWithDelta(0.4, $eye['cracking'], 1e-9);
        self::assertEqualsWithDelta(0.1, $dye['cracking'], 1e-9);
        self::assertSame($eye['scoring'], $dye['scoring']);
    }

    public function testWhoeverFoundScoringThereHadSeenABreakMoreOftenThanNotButNoCrack(): void
    {
        $found = self::left(new LookFact('plate', 'face', 'scoring', 2));
        self::assertEqualsWithDelta(0.6, $found['fracture'], 1e-9);
        self::assertEqualsWithDelta(1.0, $found['cracking'], 1e-9);
    }

    /** @return iterable<string, array{ReadingSays|null, string}> */
    public static function readings(): iterable
    {
        yield 'worn' => [ReadingSays::ofSize('too-large', true), 'damage:worn@pump'];
        yield 'a gap too small' => [ReadingSays::ofSize('too-small', true), 'damage:assembly-fault@pump'];
        yield 'a plate too thin' => [ReadingSays::ofSize('too-small', false), 'damage:worn@pump'];
        yield 'a plate too thick' => [ReadingSays::ofSize('too-large', false), 'damage:assembly-fault@pump'];
        yield 'nobody knows to which side it wears' => [ReadingSays::ofSize('too-small', null), 'damage:worn@pump'];
        yield 'pressure in the case' => [ReadingSays::CasePressure, 'state:case-pressure'];
        yield 'pressure too low' => [ReadingSays::PressureLow, 'state:low-pressure'];
        yield 'vacuum too deep' => [ReadingSays::VacuumHigh, 'state:starved'];
        $flow = Books::book('automatic-transmission')->field('cooler/flow');
        yield 'too little comes back from the cooler' => [ReadingSays::ofField('too-small', $flow), 'state:throttled@pump'];
        foreach ([
            'halves of a coupling apart' => ['centrifugal-pump', 'coupling/alignment', 'too-large', 'state:side-load'],
            'a shaft that runs out' => ['vane-pump-hydraulic', 'shaft/runout', 'too-large', 'damage:plastic-deformation@pump'],
            'pressure where the case should have none' => [
                'axial-piston-pump-single', 'drain-line/pressure', 'too-large', 'state:case-pressure',
            ],
            'a cooler that lets the air out' => ['reversing-gearbox', 'cooler/hold', 'too-small', 'damage:leak-trace@pump'],
        ] as $name => [$family, $field, $direction, $of]) {
            yield $name => [ReadingSays::ofField($direction, Books::book($family)->field($field)), $of];
        }
        yield 'out of line' => [ReadingSays::OutOfLine, 'state:side-load'];
    }

    #[DataProvider('readings')]
    public function testAReadingSpeaksOfWhatItMeasures(?ReadingSays $says, string $of): void
    {
        [$kind, $rest] = explode(':', $of);
        $parts = explode('@', $rest);
        [$key, $place] = [$parts[0], $parts[1] ?? null];
        $evidence = ReadingFact::evidence(
            [new ReadingFact('pump', 'Reading', LimitVerdict::Outside, $says)],
            [$of => new Spot($kind, $key, $place, $key, 0.01)],
        );
        self::assertSame([$of], array_keys($evidence));
        self::assertTrue($evidence[$of]->speaksFor());
    }

    /** Halves that stand in line clear the drive; a thickness within its limits clears wear. */
    public function testWithinItsLimitsAReadingSpeaksAgainstWhatItMeasures(): void
    {
        $length = static fn (float $mm): Quantity => Quantity::of($mm, 'mm', Dimension::Length);
        $within = new FieldAssessment([new JudgedPlace('', new Assessment(
            new Limits($length(0.05), null, $length(0.2)), 0.0001, 1e-6, 1e-6, 0.0, 0.3, LimitVerdict::Within,
        ))]);
        $says = static fn (string $part, string $field): ?ReadingSays => ReadingFact::of(
            $part,
            Books::book('centrifugal-pump')->field($part.'/'.$field) ?? self::fail('There is no such reading.'),
            $within,
        )->says;
        self::assertSame(ReadingSays::OutOfLine, $says('coupling', 'alignment'));
        self::assertNull($says('wear-ring', 'clearance'));
        $line = ReadingFact::evidence(
            [new ReadingFact('coupling', 'Offset', LimitVerdict::Within, ReadingSays::OutOfLine)],
            ['state:side-load' => new Spot('state', 'side-load', null, 'Shaft pulled to one side', 0.01)],
        );
        self::assertEqualsWithDelta(0.1, $line['state:side-load']->ifTrue, 1e-12);
    }

    public function testWhatIsToldSpeaksBothWays(): void
    {
        [$ran] = (new ToldFact('ran-dry'))->evidence(self::vocabulary());
        self::assertSame(['origin:run-dry', true], [$ran->spot, $ran->speaksFor()]);
        [$not] = (new ToldFact('water', false))->evidence(self::vocabulary());
        // 1 − 0.85 to 1 − 0.02.
        self::assertEqualsWithDelta([0.98, 0.15], [$not->ifFalse, $not->ifTrue], 1e-12);
    }

    /** A cause of strength 0.8 and a look that finds nine of ten: 1 − 0.9·0.8 = 0.28 is left of its likelihood, as before. */
    public function testWhatWasMissedSpeaksAgainstEachCauseAsTheLookFindsIt(): void
    {
        $id = 'damage:scoring@plate/face';
        $missed = Missed::of(
            [$id => new Spot('damage', 'scoring', 'plate/face', 'Scoring', 0.05, 0.9)],
            [new Tie('state:debris@plate', $id, 'abrasion', 0.8)],
            [$id => new Evidence($id, 1.0, 0.1, 'looked, not there')],
        );
        self::assertEqualsWithDelta(0.72, $missed->ties[0]->strength, 1e-12);
        self::assertEqualsWithDelta(0.045, $missed->spots[$id]->leak, 1e-12);
        self::assertSame([1.0, 0.0], [$missed->seen[$id]->ifFalse, $missed->seen[$id]->ifTrue]);
    }
}
