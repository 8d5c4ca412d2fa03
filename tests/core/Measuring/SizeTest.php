<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\BracketVerdict;
use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

/** Sizes with their uncertainty: read, bracketed, worked out, compared. */
final class SizeTest extends TestCase
{
    private static function mm(float $value): Quantity
    {
        return Quantity::of($value, 'mm', Dimension::Length);
    }

    public function testASizeWithoutLimitsHasTheSameUncertaintyAsWithThem(): void
    {
        $readings = [self::mm(19.971), self::mm(19.973)];
        $gauging = new Gauging(self::mm(0.001), self::mm(0.003), self::mm(0.001));
        $size = (new ReadingVerdict())->size($readings, $gauging);
        $judged = (new ReadingVerdict())->judge($readings, new Limits(null, self::mm(19.955), null), $gauging);
        self::assertSame([$judged->mean, $judged->u], [$size->x, $size->u]);
        // Two zeros of a step: 2·0.001²/12; half of U: 0.0015²; scatter of two readings 0.002 apart: 0.001².
        self::assertEqualsWithDelta(1e-3 * sqrt(2e-6 / 12 + 0.0015 ** 2 + 0.001 ** 2), $size->u, 1e-12);
    }

    public function testAFeelerPairIsASizeInItsMiddle(): void
    {
        $size = (new BracketVerdict())->size(self::mm(0.14), self::mm(0.15));
        self::assertEqualsWithDelta(0.145e-3, $size->x, 1e-12);
        self::assertEqualsWithDelta(0.01e-3 / sqrt(12), $size->u, 1e-12);
        $this->expectException(\DomainException::class);
        (new BracketVerdict())->size(self::mm(0.15), self::mm(0.15));
    }

    public function testASizeWorkedOutIsJudgedWithTheNormalGuardBand(): void
    {
        $limits = new Limits(self::mm(0.06), null, self::mm(0.11));
        $judge = static fn (float $mm, float $u): LimitVerdict => (new ReadingVerdict())->judgeSize(
            new Size($mm * 1e-3, $u * 1e-3),
            $limits,
        )->verdict;
        // 1.6449 · 0.005 = 0.0082 mm.
        self::assertSame(LimitVerdict::Within, $judge(0.1017, 0.005));
        self::assertSame(LimitVerdict::Undecided, $judge(0.1019, 0.005));
        self::assertSame(LimitVerdict::Undecided, $judge(0.1182, 0.005));
        self::assertSame(LimitVerdict::Outside, $judge(0.1183, 0.005));
        self::assertSame(LimitVerdict::Within, $judge(0.11, 0.0), 'known perfectly, the limit itself is allowed');
        $assessment = (new ReadingVerdict())->judgeSize(new Size(0.085e-3, 0.005e-3), $limits);
        self::assertEqualsWithDelta(0.5, $assessment->wearUsed, 1e-9);
        // Φ(5) on the side of the limit.
        self::assertEqualsWithDelta(0.999999713348428, $assessment->conformity, 1e-12);
    }

    public function testTwoMethodsAgreeUpToAScoreOfOne(): void
    {
        // U = 2·√(0.003² + 0.004²) = 0.01 mm.
        self::assertEqualsWithDelta(0.8, (new Size(1.008e-3, 0.003e-3))->en(new Size(1.0e-3, 0.004e-3)), 1e-9);
        self::assertEqualsWithDelta(
            (new Size(2.0, 0.3))->en(new Size(1.0, 0.4)),
            (new Size(1.0, 0.4))->en(new Size(2.0, 0.3)),
            1e-15,
            'whichever comes first',
        );
        self::assertNull((new Size(1.0, 0.0))->en(new Size(2.0, 0.0)));
    }

    public function testLimitsTogetherAreTheTighterOnEachSide(): void
    {
        $a = new Limits(self::mm(10), self::mm(9.9), null);
        $b = new Limits(self::mm(10.01), self::mm(9.95), self::mm(10.1));
        $both = $a->and($b);
        self::assertEqualsWithDelta([10.0, 9.95, 10.1], [$both->new?->in('mm'), $both->min?->in('mm'), $both->max?->in('mm')], 1e-9);
        self::assertTrue($b->and($a)->sameAs($both), 'in either order');
        self::assertFalse($a->sameAs($b));
        self::assertFalse($a->sameAs(new Limits(null, self::mm(9.8), null)), 'another size is another line');
        self::assertTrue(
            $a->sameAs(new Limits(null, Quantity::parse('9900 um', Dimension::Length), null)),
            'the size when new draws no line',
        );
        $this->expectException(\DomainException::class);
        $a->and(new Limits(null, null, self::mm(9.8)));
    }
}
