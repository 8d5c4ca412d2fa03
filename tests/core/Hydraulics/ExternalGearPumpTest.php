<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Hydraulics;

use Japhrex\Core\Hydraulics\ExternalGearPump;
use Japhrex\Core\Hydraulics\Machine;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

final class ExternalGearPumpTest extends TestCase
{
    private static function mm(float $value): Quantity
    {
        return Quantity::of($value, 'mm', Dimension::Length);
    }

    public function testTwoBodiesThatLookAlikeDifferByTheirWidthOnly(): void
    {
        $wide = new ExternalGearPump(self::mm(44.98), self::mm(36), self::mm(26));
        $narrow = new ExternalGearPump(self::mm(44.98), self::mm(36), self::mm(13));
        self::assertEqualsWithDelta(2.0, $wide->displacement()->si / $narrow->displacement()->si, 1e-12);
    }

    public function testThePumpOfTheBookMovesWhatItsTagSays(): void
    {
        // 2π·26·(22.49² − 18² − (π·3·cos 20°)²/12) = 28.63 cm³: the book's model says 28.7.
        $pump = new ExternalGearPump(self::mm(44.98), self::mm(36), self::mm(26), ExternalGearPump::basePitch(0.003, deg2rad(20)));
        self::assertEqualsWithDelta(28.7, $pump->displacement()->in('cm3/rev'), 0.1);
    }

    public function testSealingOnBothFlanksMovesMore(): void
    {
        $pump = new ExternalGearPump(self::mm(50), self::mm(40), self::mm(20), ExternalGearPump::basePitch(0.004, deg2rad(20)));
        self::assertGreaterThan($pump->displacement(1)->si, $pump->displacement(2)->si);
    }

    public function testAMotorGivesLessThanAPumpTakes(): void
    {
        $v = Quantity::of(28.7, 'cm3/rev', Dimension::Displacement);
        $p = Quantity::of(210, 'bar', Dimension::Pressure);
        self::assertEqualsWithDelta(0.81, Machine::torque($v, $p, 0.9, true)->si / Machine::torque($v, $p, 0.9)->si, 1e-12);
    }

    public function testPowerOfThePumpAgreesWithTorqueTimesSpeed(): void
    {
        // Without losses Q·Δp = T·ω whatever the numbers.
        $v = Quantity::of(28.7, 'cm3/rev', Dimension::Displacement);
        $n = Quantity::of(1450, 'rpm', Dimension::Speed);
        $p = Quantity::of(3000, 'psi', Dimension::Pressure);
        self::assertEqualsWithDelta(Machine::torque($v, $p)->si * 2 * \M_PI * $n->si, Machine::power(Machine::flow($v, $n), $p)->si, 1e-6);
    }
}
