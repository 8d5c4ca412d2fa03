<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\NailAndGauge;
use PHPUnit\Framework\TestCase;

/** A narrow groove is felt and not measured, even wear is measured and not felt; neither takes the other's word away. */
final class NailAndGaugeTest extends TestCase
{
    public function testTheyDifferWhereOneFindsWhatTheOtherCannot(): void
    {
        [$in, $out, $open] = [LimitVerdict::Within, LimitVerdict::Outside, LimitVerdict::Undecided];
        self::assertStringContainsString('narrower than the anvil', NailAndGauge::differ(true, [$in, $in]));
        self::assertStringContainsString('even wear is not felt', NailAndGauge::differ(false, [$in, $out]));
        foreach ([[true, [$in, $out]], [true, [$open]], [true, []], [false, [$in]], [null, [$out]]] as [$finds, $read]) {
            self::assertSame('', NailAndGauge::differ($finds, $read));
        }
    }
}
