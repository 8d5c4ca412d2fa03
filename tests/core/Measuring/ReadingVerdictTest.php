<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\BracketVerdict;
use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

final class ReadingVerdictTest extends TestCase
{
    private static function mm(float $value): Quantity
    {
        return Quantity::of($value, 'mm', Dimension::Length);
    }

    /** @param non-empty-list<float> $readings */
    private static function judge(
        array $readings,
        ?float $new,
        ?float $min,
        ?float $max,
        float $resolution = 0.0,
        ?float $expanded = null,
        ?float $zero = null,
    ): Assessment {
        $quantity = static fn (?float $value): ?Quantity => null === $value ? null : self::mm($value);

        return (new ReadingVerdict())->judge(
            array_map(self::mm(...), $readings),
            new Limits($quantity($new), $quantity($min), $quantity($max)),
            new Gauging(self::mm($resolution), $quantity($expanded), $quantity($zero)),
        );
    }

    public function testUncertaintyOfOneReadingComesFromTheGauge(): void
    {
        // u² = 0.01²/12 + (0.006/2)² = 8.3333e-6 + 9e-6 → 0.0041633; guard 1.644854 · u = 0.0068480717 (by hand).
        $judged = self::judge([25.98], 26.0, 25.965, null, 0.01, 0.006);
        self::assertEqualsWithDelta(0.0041633320e-3, $judged->u, 1e-12);
        self::assertEqualsWithDelta(0.0068480717e-3, $judged->guard, 1e-11);
        self::assertSame(LimitVerdict::Within, $judged->verdict);
    }

    public function testAZeroCheckIsTakenOffAndCountsAsASecondResolution(): void
    {
        // r = 2: u² = 2·0.01²/12 → 0.0040824829.
        $judged = self::judge([25.98], null, 25.0, null, 0.01, null, 0.02);
        self::assertEqualsWithDelta(25.96e-3, $judged->mean, 1e-12);
        self::assertEqualsWithDelta(0.0040824829e-3, $judged->u, 1e-12);
    }

    public function testScatterOfThreeReadingsBringsStudentsFactor(): void
    {
        // 10.00, 10.01, 10.02: s = 0.01, u = 0.01/√3, ν = 2, t = 2.919986: guard 0.0168585 (by hand).
        $judged = self::judge([10.00, 10.01, 10.02], null, 9.0, null);
        self::assertEqualsWithDelta(0.0168585e-3, $judged->guard, 1e-9);
    }

    public function testAReadingInsideTheGuardBandIsUndecidedAndSaysWhatWouldSettleIt(): void
    {
        $judged = self::judge([25.968], 26.0, 25.965, null, 0.01, 0.006);
        self::assertSame(LimitVerdict::Undecided, $judged->verdict);
        self::assertStringContainsString('1.8 µm', $judged->notes[0]); // 0.003/1.644854
        self::assertStringContainsString('More readings alone cannot', $judged->notes[0]);
    }

    public function testScatterNearALimitAsksForMoreReadings(): void
    {
        $judged = self::judge([10.00, 10.01, 10.02], null, 10.0, null);
        self::assertSame(LimitVerdict::Undecided, $judged->verdict);
        // n = 5: s/√5 · t(4) = 0.0095 ≤ 0.01; n = 4: 0.0118 > 0.01 (by hand).
        self::assertStringContainsString('5 readings', $judged->notes[0]);
    }

    public function testExactlyAtTheLimitPlusGuardIsWithin(): void
    {
        self::assertSame(LimitVerdict::Within, self::judge([25.965], 26.0, 25.965, null)->verdict);
        self::assertSame(LimitVerdict::Outside, self::judge([25.9649], 26.0, 25.965, null)->verdict);
    }

    public function testWearUsedCountsTowardsTheLimitOnItsSide(): void
    {
        self::assertEqualsWithDelta(0.6, (float) self::judge([25.979], 26.0, 25.965, null)->wearUsed, 1e-9);
        self::assertEqualsWithDelta(0.5, (float) self::judge([26.01], 26.0, 25.9, 26.02)->wearUsed, 1e-9);
        self::assertSame(0.0, self::judge([26.0], 26.0, 25.9, 26.02)->wearUsed);
        self::assertNull(self::judge([26.0], null, 25.9, null)->wearUsed);
        $atNew = self::judge([25.9], 26.0, 26.0, null);
        self::assertNull($atNew->wearUsed);
        self::assertStringContainsString('size when new is the limit', implode(' ', $atNew->notes));
    }

    public function testConformityIsTheShareInsideTheLimits(): void
    {
        self::assertEqualsWithDelta(0.5, self::judge([25.965], null, 25.965, null, 0.01)->conformity, 1e-9);
        self::assertSame(1.0, self::judge([26.0], null, 25.0, null)->conformity);
    }

    public function testAFeelerPairIsARange(): void
    {
        $limits = new Limits(self::mm(0.06), null, self::mm(0.115));
        $judged = (new BracketVerdict())->judge(self::mm(0.10), self::mm(0.12), $limits);
        self::assertEqualsWithDelta(0.11e-3, $judged->mean, 1e-12);
        self::assertEqualsWithDelta(0.02e-3 / sqrt(12), $judged->u, 1e-12);
        self::assertEqualsWithDelta(0.009e-3, $judged->guard, 1e-12);
        self::assertEqualsWithDelta(0.75, $judged->conformity, 1e-9);
        self::assertSame(LimitVerdict::Undecided, $judged->verdict);
    }

    public function testAFeelerThatStopsIsThickerThanTheOneThatGoes(): void
    {
        $this->expectExceptionMessage('must be larger');
        (new BracketVerdict())->judge(self::mm(0.12), self::mm(0.12), new Limits(null, null, self::mm(1)));
    }

    public function testLimitsTheWrongWayRoundAreRefused(): void
    {
        $this->expectExceptionMessage('expected min ≤ max');
        new Limits(null, self::mm(2), self::mm(1));
    }
}
