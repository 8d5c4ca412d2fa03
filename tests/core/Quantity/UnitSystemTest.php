<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Quantity;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\UnitSystem;
use PHPUnit\Framework\TestCase;

final class UnitSystemTest extends TestCase
{
    public function testAPersonReadsInTheUnitsOfTheirBench(): void
    {
        self::assertSame('25.400 mm', UnitSystem::Metric->show(0.0254, Dimension::Length));
        self::assertSame('1.0000 in', UnitSystem::Inch->show(0.0254, Dimension::Length));
        self::assertSame('210 bar', UnitSystem::Metric->show(21e6, Dimension::Pressure));
        self::assertSame('176 °F', UnitSystem::Inch->show(80.0, Dimension::Temperature));
        self::assertSame(
            ['6 s', '40 min', '2610 h'],
            array_map(static fn (float $si): string => UnitSystem::Metric->show($si, Dimension::Time), [6.0, 2400.0, 2610 * 3600.0]),
        );
        self::assertSame('−0.010 mm', UnitSystem::Metric->show(-1e-5, Dimension::Length));
    }
}
