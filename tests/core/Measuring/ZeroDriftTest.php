<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\ZeroDrift;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

/** A zero that has moved puts in doubt what was read since it was right. */
final class ZeroDriftTest extends TestCase
{
    public function testItHasMovedBeyondWhatTheGaugeDoesNotKnow(): void
    {
        $mm = static fn (string $typed): Quantity => Quantity::parse($typed, Dimension::Length);
        foreach ([
            // before, after, step, expanded uncertainty
            ['0 mm', '0.002 mm', '0.001 mm', '0.003 mm', false],
            ['0 mm', '0.003 mm', '0.001 mm', '0.003 mm', false],
            ['0 mm', '0.004 mm', '0.001 mm', '0.003 mm', true],
            ['0.010 mm', '-0.020 mm', '0.01 mm', '', true],
            ['0 mm', '0.01 mm', '0.01 mm', '', false],
        ] as [$before, $after, $step, $u, $moved]) {
            self::assertSame(
                $moved,
                ZeroDrift::isMoved($mm($before), $mm($after), $mm($step), '' === $u ? null : $mm($u)),
                "$before to $after",
            );
        }
    }
}
