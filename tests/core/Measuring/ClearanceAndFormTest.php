<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\Clearance;
use Japhrex\Core\Measuring\Form;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

final class ClearanceAndFormTest extends TestCase
{
    private static function mm(float $value): Quantity
    {
        return Quantity::of($value, 'mm', Dimension::Length);
    }

    public function testSideClearanceIsWhatThePocketLeavesTheGear(): void
    {
        self::assertEqualsWithDelta(0.06, Clearance::side(self::mm(26.06), self::mm(26.0))->in('mm'), 1e-9);
    }

    public function testTipClearanceIsOnOneSide(): void
    {
        self::assertEqualsWithDelta(0.035, Clearance::tip(self::mm(45.05), self::mm(44.98))->in('mm'), 1e-9);
    }

    public function testAFewTenthsOfANanometreProudAreNone(): void
    {
        self::assertSame(0.0, Clearance::side(self::mm(26.0), self::mm(26.0000004))->si);
    }

    public function testAGearThatStandsProudIsAnErrorThatSaysByHowMuch(): void
    {
        $this->expectExceptionMessage('it is 0.02 mm thicker than its pocket is deep');
        Clearance::side(self::mm(26.0), self::mm(26.02));
    }

    public function testAGearThatDoesNotGoInIsAnError(): void
    {
        $this->expectExceptionMessage('does not go into the bore');
        Clearance::tip(self::mm(44.9), self::mm(45));
    }

    public function testFormReadsShapeFromPlaces(): void
    {
        // Bush bore at three places: 20.058, 20.068, 20.060.
        $form = new Form([20.058e-3, 20.068e-3, 20.060e-3]);
        self::assertEqualsWithDelta(20.062e-3, $form->mean(), 1e-12);
        self::assertEqualsWithDelta(0.010e-3, $form->range(), 1e-12);
        self::assertEqualsWithDelta(0.005e-3, $form->roundnessOfDiameters(), 1e-12);
        self::assertEqualsWithDelta(0.002e-3 / 0.02, $form->taper(0.02), 1e-9);
        self::assertSame([20.058e-3, 20.068e-3], [$form->min(), $form->max()]);
    }

    public function testASizeInASentenceHasThreeFigures(): void
    {
        self::assertSame('0.00182 mm', Sizes::show(1.8239e-6, Dimension::Length));
        self::assertSame('0 mm', Sizes::show(0.0, Dimension::Length));
        self::assertSame('12.3 bar', Sizes::show(1.234e6, Dimension::Pressure));
    }
}
