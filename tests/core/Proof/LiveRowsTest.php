<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Proof;

use Japhrex\Core\Proof\DrawnPoint;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Proof\LiveRows;
use Japhrex\Core\Proof\Trace;
use PHPUnit\Framework\TestCase;

/** Rows that come a few at a time. */
final class LiveRowsTest extends TestCase
{
    private const HEAD = 'time [s],flow [L/min],pressure [bar]';

    public function testALotGoesOnWhereTheOneBeforeEnded(): void
    {
        $rows = LiveRows::after(self::HEAD."\n2.0,40,70\n2.1,44,72\n", self::HEAD, 1.9);
        self::assertSame([2.0, 2.1], $rows->times);
        self::assertSame("2.0,40,70\n2.1,44,72\n", LiveRows::body(self::HEAD."\r\n2.0,40,70\r\n2.1,44,72\r\n"));
        [$point] = LiveRows::points($rows, 1.0);
        // The middle of 2.0 and 2.1 s, counted from 1.0 s; 42 L/min is 0.0007 m³/s.
        self::assertEqualsWithDelta(
            [1.05, 0.0007, 40 / 60000, 44 / 60000],
            [$point->t, $point->mean['flow'], $point->low['flow'], $point->high['flow']],
            1e-12,
        );
        self::assertCount(1, LiveRows::after(self::HEAD."\n9,1,1\n", '', 0.0)->times, 'one row is a lot');
    }

    public function testWhatDoesNotFitIsRefusedWithItsReason(): void
    {
        foreach ([
            [self::HEAD."\n1.9,40,70\n", '/step back in time: 1\.9 s after 1\.9 s/'],
            ["time [s],flow [gal/min],pressure [bar]\n3,40,70\n", '/The head of these rows is/'],
            [self::HEAD."\n3,40\n", '/Line 2 has 2 values/'],
            [self::HEAD."\n", '/no row/'],
            [self::HEAD."\n3,40,70\n2.5,40,70\n", '/Line 3 steps back/'],
        ] as [$csv, $says]) {
            try {
                LiveRows::after($csv, self::HEAD, 1.9);
                self::fail('Taken: '.$csv);
            } catch (\DomainException $error) {
                self::assertMatchesRegularExpression($says, $error->getMessage());
            }
        }
    }

    public function testALongRunIsThinnedWithoutLosingItsPeaks(): void
    {
        $points = array_map(
            static fn (int $i): DrawnPoint => new DrawnPoint(
                (float) $i,
                ['flow' => 1.0 * $i],
                ['flow' => 777 === $i ? 5000.0 : 1.0 * $i],
                ['flow' => 1.0 * $i],
            ),
            range(0, 999),
        );
        $thin = LiveRows::thinned($points, 100);
        self::assertCount(100, $thin);
        self::assertEquals(new DrawnPoint(4.5, ['flow' => 0.0], ['flow' => 9.0], ['flow' => 4.5]), $thin[0]);
        self::assertSame(5000.0, $thin[77]->high['flow']);
        self::assertSame(\array_slice($points, 0, 50), LiveRows::thinned(\array_slice($points, 0, 50), 100));
        self::assertSame([[10.0, 20.0]], LiveRows::gaps([...\array_slice($points, 0, 11), ...\array_slice($points, 20, 5)]));
    }

    public function testTheBandAddsWhatArithmeticAndStandDoNotKnowAsSquares(): void
    {
        // 5 % of 60 L/min is 3 L/min; with U = 4 L/min of the stand the half width is 5 L/min.
        self::assertEqualsWithDelta([55.0, 65.0], ExpectedFlow::band(60.0, 4.0), 1e-9);
        $point = new DrawnPoint(1.0, [], [], ['flow' => 49.5]);
        $trace = new Trace(['flow' => 'L/min'], [$point], [60.0], 4.0, 60.0, []);
        self::assertEqualsWithDelta(0.1, $trace->shortNow(), 1e-9, 'a tenth under 55');
        self::assertNull((new Trace(['flow' => 'L/min'], [$point], [], 0.0, 60.0, []))->shortNow());
    }
}
