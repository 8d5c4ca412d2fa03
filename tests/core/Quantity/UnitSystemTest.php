<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Quantity;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\UnitSystem;
use PHPUnit\Framework\TestCase;

final class UnitSystemTest extends TestCase
{
    public function testAPersonReadsInTheUnitsOfTheirBench(): void
    {
        self::assertSame('25.400 mm', UnitSystem::Metric->show(0.0254, Dimension::Length));
        self::assertSame('1.0000 in', UnitSystem::Inch->show(0.0254, Dimension::Length));
        self::assertSame('210 bar', UnitSystem::Metric->show(21e6, Dimension::Pressure));
        self::assertSame('25.400 mm (1.0000 in)', UnitSystem::Both->show(0.0254, Dimension::Length));
        self::assertSame(UnitSystem::Metric->show(10.0, Dimension::Time), UnitSystem::Both->show(10.0, Dimension::Time), 'told once');
        self::assertSame('176 °F', UnitSystem::Inch->show(80.0, Dimension::Temperature));
        self::assertSame(
            ['6 s', '40 min', '2610 h'],
            array_map(static fn (float $si): string => UnitSystem::Metric->show($si, Dimension::Time), [6.0, 2400.0, 2610 * 3600.0]),
        );
        self::assertSame('−0.010 mm', UnitSystem::Metric->show(-1e-5, Dimension::Length));
    }

    public function testANumberWithoutAUnitIsMeantInTheBooksWhereOneReadsInItAndNeverAcrossSystems(): void
    {
        $beside = static fn (UnitSystem $reads, string $given, Dimension $of): string => $reads->meansBeside(Quantity::parse($given, $of));
        self::assertSame('mm', $beside(UnitSystem::Metric, '23.98 mm', Dimension::Length));
        self::assertSame('', $beside(UnitSystem::Inch, '23.98 mm', Dimension::Length));
        self::assertSame('in', $beside(UnitSystem::Inch, '0.944 in', Dimension::Length));
        self::assertSame('', $beside(UnitSystem::Metric, '0.944 in', Dimension::Length));
        self::assertSame('', $beside(UnitSystem::Metric, '20 µm', Dimension::Length), 'a thousandth is not a millimetre');
        self::assertSame('bar', $beside(UnitSystem::Metric, '6 bar', Dimension::Pressure));
        self::assertSame('', $beside(UnitSystem::Inch, '6 bar', Dimension::Pressure));
        self::assertSame('turn', $beside(UnitSystem::Inch, '2 turn', Dimension::Angle), 'a turn is a turn');
        self::assertEqualsWithDelta(3.5 * 2 * \M_PI, Quantity::parse('3 1/2 turn', Dimension::Angle)->si, 1e-12);
    }
}
