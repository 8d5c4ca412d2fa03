<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\OneMoreRun;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

final class OneMoreRunTest extends TestCase
{
    public function testARunIsSafeOnlyInsideTheLowerEndOfTheBand(): void
    {
        // 20 mm new, 19.9 mm the limit, 19.96 mm after 1000 h: 1500 h are left, 1008 h at the lower end of the band.
        self::assertSame(OneMoreRun::Stays, OneMoreRun::of(1000.0, 1500.0, 1008.0));
        self::assertSame(OneMoreRun::MayJustDo, OneMoreRun::of(1200.0, 1500.0, 1008.0));
        self::assertSame(OneMoreRun::Passes, OneMoreRun::of(1600.0, 1500.0, 1008.0));
        self::assertSame(OneMoreRun::Stays, OneMoreRun::of(1200.0, 1500.0), 'without a band the rate alone counts');
    }

    public function testWearRunsTowardsTheLimitOnItsSide(): void
    {
        $mm = static fn (float $value): Quantity => Quantity::of($value, 'mm', Dimension::Length);
        $limits = new Limits($mm(26.0), $mm(25.9), $mm(26.1));
        self::assertSame($limits->min, $limits->limitFacing(0.02595));
        self::assertSame($limits->max, $limits->limitFacing(0.02605));
        self::assertNull($limits->limitFacing(0.026));
        self::assertSame('26.1 mm', (new Limits($mm(26.0), null, $mm(26.1)))->limitFacing(0.02595)?->typed().' mm');
    }
}
