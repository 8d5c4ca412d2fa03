<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Quantity;

use Japhrex\Core\Proof\DrawnPoint;
use Japhrex\Core\Proof\LiveRows;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Quantity\BareNumber;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers beyond anything at a bench are refused wherever they come in. */
final class BareNumberTest extends TestCase
{
    /** @return iterable<array{string}> */
    public static function beyond(): iterable
    {
        yield ['1e999'];
        yield ['-1e999'];
        yield ['1e308'];
        yield ['1e13'];
        yield ['INF'];
        yield ['NAN'];
        yield [''];
        yield ['12 bar'];
    }

    #[DataProvider('beyond')]
    public function testItIsNoNumber(string $typed): void
    {
        self::assertNull(BareNumber::of($typed));
    }

    public function testAnOrdinaryNumberIsOne(): void
    {
        self::assertSame([12.5, -3.0, 0.0, 1e12], array_map(BareNumber::of(...), ['12.5', '-3', 0, '1e12']));
        self::assertNull(BareNumber::of(['1']));
    }

    /** @return iterable<array{string}> */
    public static function rows(): iterable
    {
        yield ["time [s];flow [L/min]\n1e999;1\n2;1\n"];
        yield ["time [s];flow [L/min]\n1;1\n1e308;1\n"];
        yield ["time [s];flow [L/min]\n1;1\n2;1e308\n"];
    }

    #[DataProvider('rows')]
    public function testARowOfAStandThatNoStandCouldShowIsRefusedByItsLine(string $csv): void
    {
        $this->expectExceptionMessageMatches('/^Line [23]: “1e(999|308)” is more than any stand could show\./');
        Recording::read($csv);
    }

    public function testWhatWasStoredBeforeIsLeftOutAndTheRestIsShown(): void
    {
        $good = ['t' => 1.0, 'low' => ['flow' => 1.0], 'high' => ['flow' => 2.0], 'mean' => ['flow' => 1.5]];
        self::assertEquals(
            [new DrawnPoint(1.0, ['flow' => 1.0], ['flow' => 2.0], ['flow' => 1.5])],
            LiveRows::readable([$good, ['t' => 1e308] + $good, ['high' => ['flow' => 1e308]] + $good, 'torn', ['t' => 2.0]]),
        );
    }

    public function testASizeBeyondMeasureIsRefused(): void
    {
        $this->expectException(QuantityError::class);
        Quantity::parse('1e308 mm', Dimension::Length);
    }
}
