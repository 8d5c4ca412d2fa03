<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Quantity;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return iterable<string, array{string, Dimension, float}> typed, dimension, SI by hand from NIST SP 811 */
    public static function spellings(): iterable
    {
        yield 'millimetre' => ['38.2mm', Dimension::Length, 0.0382];
        yield 'thou' => ['2.5thou', Dimension::Length, 2.5 * 0.0000254];
        yield 'mil is thou' => ['2.5 mil', Dimension::Length, 2.5 * 0.0000254];
        yield 'fraction of an inch' => ['1/16 in', Dimension::Length, 0.0015875];
        yield 'mixed fraction' => ['1 1/2"', Dimension::Length, 0.0381];
        yield 'mixed fraction with a dash' => ['1-1/2 in', Dimension::Length, 0.0381];
        yield 'bare leading point' => ['.0025"', Dimension::Length, 0.0000635];
        yield 'micro sign' => ["5 \u{b5}m", Dimension::Length, 5e-6];
        yield 'Greek mu' => ["5 \u{3bc}m", Dimension::Length, 5e-6];
        yield 'decimal comma' => ['2,5 mm', Dimension::Length, 0.0025];
        yield 'three decimals of a length after a comma' => ['3,000 mm', Dimension::Length, 0.003];
        yield 'comma after a nought' => ['0,125 bar', Dimension::Pressure, 12500.0];
        yield 'psi' => ['3000psi', Dimension::Pressure, 20684271.879504];
        yield 'inches of mercury' => ['29.92 inHg', Dimension::Pressure, 29.92 * 3386.389];
        yield 'shouted' => ['12 MPA', Dimension::Pressure, 12e6];
        yield 'pound-foot' => ['33 ft-lb', Dimension::Torque, 33 * 12 * 0.1129848290276];
        yield 'newton metre with a dash' => ['45 N-m', Dimension::Torque, 45.0];
        yield 'kilopond metre' => ['2 kgf·m', Dimension::Torque, 19.6133];
        yield 'US gallons a minute' => ['8 gpm', Dimension::Flow, 8 * 3.785411784e-3 / 60];
        yield 'not a fraction' => ['1500 1/min', Dimension::Speed, 25.0];
        yield 'cubic inches a revolution' => ['2 in3/rev', Dimension::Displacement, 2 * 1.6387064e-5];
        yield 'metric horsepower' => ['1 PS', Dimension::Power, 735.49875];
        yield 'minus forty meets' => ['-40 F', Dimension::Temperature, -40.0];
        yield 'oven' => ['392F', Dimension::Temperature, 200.0];
        yield 'a difference of 1.8 F is 1 K' => ['1.8F', Dimension::TemperatureDifference, 1.0];
        yield 'centistoke' => ['46cSt', Dimension::KinematicViscosity, 46e-6];
        yield 'centipoise' => ['40 cP', Dimension::DynamicViscosity, 0.04];
        yield 'per cent' => ['92%', Dimension::Ratio, 0.92];
        yield 'bare ratio' => ['0.92', Dimension::Ratio, 0.92];
        yield 'turn' => ['0.5 turn', Dimension::Angle, \M_PI];
        yield 'mile' => ['1 mi', Dimension::Distance, 1609.344];
        yield 'ounce' => ['16 oz', Dimension::Mass, 0.45359237];
    }

    #[DataProvider('spellings')]
    public function testSpellingsOfTheTradeAreRead(string $typed, Dimension $dimension, float $si): void
    {
        self::assertEqualsWithDelta($si, Quantity::parse($typed, $dimension)->si, abs($si) * 1e-12);
    }

    /** @return iterable<string, array{string, Dimension, string}> */
    public static function refusals(): iterable
    {
        yield 'thousands or decimals?' => ['3,000 psi', Dimension::Pressure, 'two ways'];
        yield 'point and comma' => ['1.234,5 mm', Dimension::Length, 'two ways'];
        yield 'two points' => ['1.234.5 mm', Dimension::Length, 'two ways'];
        yield 'no unit' => ['38.2', Dimension::Length, 'has no unit'];
        yield 'another kind' => ['38.2 bar', Dimension::Length, 'is no unit of length'];
        yield 'milli is not mega' => ['12 mPa', Dimension::Pressure, 'is no unit of pressure'];
        yield 'mega is not milli' => ['12 Mbar', Dimension::Pressure, 'is no unit of pressure'];
        yield 'words' => ['about a gallon', Dimension::Volume, 'does not begin with a number'];
        yield 'nothing' => ['  ', Dimension::Length, 'Nothing was typed'];
        yield 'a percentage without its sign' => ['92', Dimension::Ratio, '92%'];
        yield 'beyond a double' => ['1e999 mm', Dimension::Length, 'too large'];
        yield 'nought below the line' => ['1/0 in', Dimension::Length, 'fraction'];
        yield 'a fraction of a bar' => ['1 1/2 bar', Dimension::Pressure, 'lengths only'];
    }

    #[DataProvider('refusals')]
    public function testWhatCanBeReadInTwoWaysOrNoneIsRefusedWithWhatWouldBeRight(string $typed, Dimension $dimension, string $says): void
    {
        $this->expectException(QuantityError::class);
        $this->expectExceptionMessage($says);
        Quantity::parse($typed, $dimension);
    }

    public function testAValueComesBackInItsOwnUnitExactlyAsTyped(): void
    {
        self::assertSame(0.1, Quantity::parse('0.1 in', Dimension::Length)->in('in'));
        self::assertSame(33.3, Quantity::parse('33.3 psi', Dimension::Pressure)->in('psi'));
    }

    public function testEveryUnitGoesThereAndBack(): void
    {
        foreach (Dimension::cases() as $dimension) {
            foreach (\Japhrex\Core\Quantity\Units::of($dimension) as $unit) {
                self::assertEqualsWithDelta(17.25, $unit->fromSi($unit->toSi(17.25)), 1e-11, $dimension->value.' '.$unit->symbol());
            }
        }
    }

    public function testLengthsWithinANanometreAreEqual(): void
    {
        self::assertTrue(Quantity::of(1.0, 'mm', Dimension::Length)->equals(Quantity::of(1.0000005, 'mm', Dimension::Length)));
        self::assertTrue(Quantity::of(1.0, 'mm', Dimension::Length)->isBelow(Quantity::of(1.000002, 'mm', Dimension::Length)));
    }

    public function testAUnitOfTwoKindsIsFoundInBoth(): void
    {
        self::assertSame([Dimension::Pressure, Dimension::Stress], Quantity::dimensionsOf('10 MPa'));
        self::assertSame([Dimension::Distance], Quantity::dimensionsOf('4 km'));
    }
}
