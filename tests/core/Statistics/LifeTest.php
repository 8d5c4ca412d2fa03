<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Statistics;

use Japhrex\Core\Statistics\Life;
use Japhrex\Core\Statistics\LogRank;
use Japhrex\Core\Statistics\MeanCumulative;
use Japhrex\Core\Statistics\PlottingPositions;
use Japhrex\Core\Statistics\StatisticsError;
use PHPUnit\Framework\TestCase;

/** How long units live, and whether two groups of them differ by more than chance. */
final class LifeTest extends TestCase
{
    /**
     * @param string $times as `6 6 10+`, + still running
     *
     * @return list<Life>
     */
    private static function lives(string $times): array
    {
        return array_map(static fn (string $one): Life => new Life((float) $one, str_ends_with($one, '+')), explode(' ', $times));
    }

    /** Remission times of Freireich and others (1963), as Cox (1972) and Kalbfleisch and Prentice print them: χ² 16.79, 9 against 19.25. */
    public function testTwoGroupsOfTheTextbookDiffer(): void
    {
        $test = new LogRank(
            self::lives('6 6 6 7 10 13 16 22 23 6+ 9+ 10+ 11+ 17+ 19+ 20+ 25+ 32+ 32+ 34+ 35+'),
            self::lives('1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23'),
        );
        self::assertSame(9, $test->observed);
        self::assertEqualsWithDelta(19.25, $test->expected, 0.005);
        self::assertEqualsWithDelta(16.79, $test->chiSquare(), 0.005);
        self::assertEqualsWithDelta(4.17e-5, $test->chance(), 1e-7);
    }

    public function testTheSameUnitsTwiceDoNotDiffer(): void
    {
        $one = self::lives('100 200 300+');
        self::assertEqualsWithDelta(0.0, (new LogRank($one, $one))->chiSquare(), 1e-12);
        self::assertEqualsWithDelta(1.0, (new LogRank($one, $one))->chance(), 1e-12);
    }

    public function testWhereNothingFailedWhileBothRanNobodyCanTell(): void
    {
        $this->expectExceptionObject(StatisticsError::nothingFailedTogether());
        new LogRank(self::lives('50+'), self::lives('100 200'));
    }

    /** By hand: at 5 one repair of three watched, at 8 one of three, at 10 one of the two that are still watched. */
    public function testRepairsOfUnitsThatAreWatchedForDifferentTimesAddUp(): void
    {
        $mean = new MeanCumulative([[[5.0, 10.0], 15.0], [[8.0], 12.0], [[], 9.0]]);
        self::assertSame([5.0, 8.0, 10.0], array_column($mean->steps, 0));
        foreach ([1 / 3, 2 / 3, 7 / 6] as $i => $expected) {
            self::assertEqualsWithDelta($expected, $mean->steps[$i][1], 1e-12);
        }
        // The residues at 5 are 2/9, −1/9, −1/9: their root sum of squares is √6/9.
        self::assertEqualsWithDelta(1 / 3 * exp(1.959964 * sqrt(6) / 9 * 3), $mean->steps[0][3], 1e-9);
        self::assertGreaterThan(0.0, $mean->steps[0][2]);
    }

    /** By hand: five units, the second taken out; ranks 1, 1 + 5/4 = 2.25, 3.5, 4.75 over 5.4 after 0.3 is taken off. */
    public function testFailuresAfterOneThatWasTakenOutMoveOnInRank(): void
    {
        $positions = PlottingPositions::of(self::lives('100 150+ 200 300 400'));
        self::assertSame([100.0, 200.0, 300.0, 400.0], array_column($positions, 0));
        foreach ([0.7, 1.95, 3.2, 4.45] as $i => $above) {
            self::assertEqualsWithDelta($above / 5.4, $positions[$i][1], 1e-12);
        }
    }

    public function testALifeIsAboveNothing(): void
    {
        $this->expectExceptionMessage('0 is no life');
        new Life(0.0, false);
    }
}
