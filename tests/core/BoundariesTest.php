<?php

declare(strict_types=1);

namespace Japhrex\Tests\core;

use Japhrex\Core\Chain\Ground\Barring;
use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Damage\GradeProposal;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Hydraulics\WornPump;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Proof\DrawnPoint;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Repair\Build\BuildAnswer;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\PriceList;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RatesError;
use Japhrex\Core\Teardown\LookTime;
use Japhrex\Tests\core\Family\SmallBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rules at, just below and just above the place where they turn. */
final class BoundariesTest extends TestCase
{
    private static function mm(float $mm): Quantity
    {
        return Quantity::of($mm, 'mm', Dimension::Length);
    }

    /**
     * @return iterable<string, array{
     *     float|null, float|null, float|null, float|null, float|null, float|null,
     * }> of both: min, max; then the tighter
     */
    public static function limits(): iterable
    {
        yield 'both give a largest' => [null, 10.2, null, 10.1, null, 10.1];
        yield 'the other way round' => [null, 10.1, null, 10.2, null, 10.1];
        yield 'both give a least' => [9.8, null, 9.9, null, 9.9, null];
        yield 'one has none' => [null, 10.2, 9.9, null, 9.9, 10.2];
        yield 'the same' => [9.9, 10.1, 9.9, 10.1, 9.9, 10.1];
    }

    #[DataProvider('limits')]
    public function testOfTwoLimitsTheTighterCounts(?float $minA, ?float $maxA, ?float $minB, ?float $maxB, ?float $min, ?float $max): void
    {
        $of = static fn (?float $low, ?float $high): Limits => new Limits(
            null,
            null === $low ? null : self::mm($low),
            null === $high ? null : self::mm($high),
        );
        $both = $of($minA, $maxA)->and($of($minB, $maxB));
        self::assertEqualsWithDelta([$min, $max], [$both->min?->in('mm'), $both->max?->in('mm')], 1e-9);
    }

    /** @return iterable<string, array{float, int}> share of the face in per cent, grade */
    public static function shares(): iterable
    {
        foreach ([[0.1, 1], [9.9, 1], [10.0, 2], [29.9, 2], [30.0, 3], [59.9, 3], [60.0, 4], [100.0, 4]] as [$share, $grade]) {
            yield "$share %" => [$share, $grade];
        }
    }

    #[DataProvider('shares')]
    public function testTheShareOfTheFaceProposesAGradeFromItsThresholdOn(float $share, int $grade): void
    {
        self::assertSame($grade, GradeProposal::of('scoring', null, $share, [])?->grade);
    }

    public function testHalfOfTheWearIsModerateAndLessProposesNothing(): void
    {
        $used = static fn (float $share): FieldAssessment => new FieldAssessment(
            [
                new JudgedPlace(
                    '',
                    new Assessment(new Limits(self::mm(24), self::mm(23.94), null), 0.0239, 1e-6, 1e-6, 0.5, $share, LimitVerdict::Within),
                ),
            ]
        );
        self::assertSame(2, GradeProposal::of('', null, null, ['Bore' => $used(0.5)])?->grade);
        self::assertNull(GradeProposal::of('', null, null, ['Bore' => $used(0.499)]));
    }

    /** The small book: lid, plunger, barrel, each a step whose time it does not tell (10 minutes); a look takes 2. */
    public function testWhatLiesOnTheBenchCostsNoTimeToStrip(): void
    {
        self::assertSame(['lid' => 12.0, 'plunger' => 22.0, 'barrel' => 32.0], LookTime::minutes(SmallBook::with(), []));
        self::assertSame(['lid' => 2.0, 'plunger' => 12.0, 'barrel' => 22.0], LookTime::minutes(SmallBook::with(), ['lid']));
        self::assertSame(
            ['lid' => 2.0, 'plunger' => 2.0, 'barrel' => 2.0],
            LookTime::minutes(SmallBook::with(), ['lid', 'plunger', 'barrel']),
        );
    }

    /** @return iterable<string, array{string, bool}> damage, and whether pieces of it travel on */
    public static function sheds(): iterable
    {
        foreach (
            [
                'fracture' => true,
                'pitting' => true,
                'scuffing' => true,
                'overheating' => true,
                'debris' => true,
                'embedding' => true,
                'scoring' => false,
                'polishing' => false,
                'corrosion' => false,
            ] as $mode => $sheds
        ) {
            yield $mode => [$mode, $sheds];
        }
    }

    #[DataProvider('sheds')]
    public function testDebrisIsFollowedFromWhatLetsPiecesGo(string $mode, bool $sheds): void
    {
        $spot = new Spot('damage', $mode, 'plunger/skirt', $mode, 0.01);
        $reach = Reach::after(
            SmallBook::with(),
            new Ground([$spot->id() => $spot], [], [], [$spot->id() => new Evidence($spot->id(), 0.001, 1.0, 'seen')]),
        );
        self::assertSame($sheds ? ['plunger', 'lid'] : [], array_column($reach, 'part'), 'with the oil, not against it');
    }

    /** @return iterable<string, array{int, int, bool}> cause and effect as numbered, and whether the link holds */
    public static function orders(): iterable
    {
        yield 'before' => [1, 2, true];
        yield 'in the same moment' => [2, 2, true];
        yield 'after' => [3, 2, false];
    }

    #[DataProvider('orders')]
    public function testAnEffectIsNotOlderThanItsCause(int $cause, int $effect, bool $holds): void
    {
        [$left, $barred] = Barring::of(['t' => new Tie('a', 'b', 'abrasion', 0.5)], [], ['a' => $cause, 'b' => $effect]);
        self::assertSame([$holds ? 1 : 0, $holds ? 0 : 1], [\count($left), \count($barred)]);
    }

    /** A window of 0.25 mm: places that differ by just so much are still one play, shims put it right. */
    #[DataProvider('spreads')]
    public function testPlacesThatDifferByMoreThanTheWindowIsWideAreNotShimmed(string $second, bool $told): void
    {
        $step = new BuildStep('set-0', BuildKind::Play, 'Side clearance', window: new Window(0.0, 0.25 * 0.001));
        $answer = BuildAnswer::of($step, ['readings' => '0.5 mm; '.$second], false, static fn (float $metres): string => $metres.' m');
        self::assertFalse($answer->done);
        self::assertSame($told, str_contains(implode(' ', $answer->says), 'no shim puts that right'));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function spreads(): iterable
    {
        yield 'as wide' => ['0.25 mm', false];
        yield 'wider' => ['0.24 mm', true];
    }

    /** 7.7 % are 770 hundredths, 7.07 % are 707: the digit behind the point is a tenth. */
    #[DataProvider('rates')]
    public function testRatesAreReadAsTheyAreWritten(string $tax, string $day, int $hundredths, float $hours): void
    {
        $rates = Rates::typed('64.00 EUR', $tax, $day);
        self::assertSame([$hundredths, $hours], [$rates->tax, $rates->hoursADay]);
    }

    /** @return iterable<array{string, string, int, float}> */
    public static function rates(): iterable
    {
        yield ['19', '6', 1900, 6.0];
        yield ['7.7 %', '7,5', 770, 7.5];
        yield ['7,07', '24', 707, 24.0];
        yield ['50 %', '6', 5000, 6.0];
    }

    public function testATaxBeyondHalfOrADayBeyondTwentyFourHoursIsNone(): void
    {
        foreach ([['50.01', '6'], ['19', '24.1'], ['19', '0'], ['a fifth', '6'], ['19', 'all day'], ['-1', '6']] as [$tax, $day]) {
            try {
                Rates::typed('64.00 EUR', $tax, $day);
                self::fail("$tax, $day");
            } catch (RatesError $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function testAPriceIsNotBelowNothing(): void
    {
        $taken = static fn (string $price): array => PriceList::of(
            [['family', 'part', 'price'], ['pump', 'lid', $price]],
            ['pump' => ['lid']],
        );
        self::assertSame(['Line 2: a price is not below nothing.'], $taken('-0.01 EUR')[1]);
        self::assertSame([], $taken('0.00 EUR')[1]);
    }

    /** 28.7 cc/rev at 25 rev/s without a leak; what is under 95 % of it is short. */
    public function testNineteenInTwentyOfARunHaveToHold(): void
    {
        $expected = new ExpectedFlow(new WornPump(28.7e-6, []), new Oil(46e-6, 6.8e-6, 870.0));
        $run = static fn (int $short): array => array_map(
            static fn (int $i): DrawnPoint => new DrawnPoint((float) $i, [], [], [
                'pressure' => 100e5,
                'speed' => 25.0,
                'temperature' => 40.0,
                'flow' => 28.7e-6 * 25.0 * ($i < $short ? 0.94 : 0.96),
            ]),
            range(0, 99),
        );
        self::assertSame([true, 0.95], [$expected->judge($run(5))?->passed, $expected->judge($run(5))?->share]);
        self::assertFalse($expected->judge($run(6))->passed ?? true);
    }
}
