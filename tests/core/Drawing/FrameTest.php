<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Pen;
use PHPUnit\Framework\TestCase;

/** The projection is orthographic: what is known of such from descriptive geometry holds. */
final class FrameTest extends TestCase
{
    public function testLengthsAlongTheThreeAxesKeepTheirSumOfSquares(): void
    {
        // Of an orthographic projection the squares of the three drawn unit lengths have the sum 2 (theorem of Gauss).
        $sum = 0.0;
        foreach ([[1, 0, 0], [0, 1, 0], [0, 0, 1]] as [$a, $b, $c]) {
            [$x, $y] = Frame::along()->at($a, $b, $c);
            $sum += $x ** 2 + $y ** 2;
        }
        self::assertEqualsWithDelta(2.0, $sum, 1e-12);
    }

    public function testACircleIsDrawnAsLongAsItIsAndAsNarrowAsItsPlaneIsTurnedAway(): void
    {
        foreach ([Frame::along(), Frame::across(), Frame::upright()] as $frame) {
            self::assertEqualsWithDelta(1.0, $frame->wide, 1e-12, 'the diameter across the line of sight keeps its length');
            self::assertEqualsWithDelta(abs($frame->depth(0, 0, 1)), $frame->narrow, 1e-12);
        }
    }

    public function testTheSideThatFacesTheEyeIsSeenAndTheOtherIsNot(): void
    {
        $frame = Frame::along();
        [$a, $b] = [cos($frame->facing), sin($frame->facing)];
        self::assertTrue($frame->faces($a, $b));
        self::assertFalse($frame->faces(-$a, -$b));
        self::assertTrue($frame->showsFar(), 'the axis runs towards the eye');
    }

    public function testWhatLiesDeeperIsDrawnWhereItWouldBeMovedInItsOwnPlane(): void
    {
        $frame = Frame::along();
        [$a, $b] = $frame->deeper(7.0);
        [$x, $y] = $frame->at(0, 0, -7.0);
        self::assertEqualsWithDelta([$x, $y], $frame->at($a, $b, 0.0), 1e-9);
    }

    public function testThroughADeepNarrowBoreNothingIsSeen(): void
    {
        $frame = Frame::along();
        $bore = Opening::round(0, 0, 3.0, null, '');
        self::assertSame('', $bore->seenThrough($frame, new Pen($frame), 0.0, 100.0));
        self::assertNotSame('', $bore->seenThrough($frame, new Pen($frame), 0.0, 0.5));
    }

    public function testTheCordAroundACircleOfPointsIsThatCircleAndInnerPointsFallAway(): void
    {
        $hull = Outline::hull([[0, 0], [4, 0], [4, 3], [0, 3], [2, 1], [4, 1.5]]);
        sort($hull);
        self::assertEquals([[0, 0], [0, 3], [4, 0], [4, 3]], $hull);
    }

    public function testWhatTwoSquaresHaveInCommonIsTheirOverlap(): void
    {
        // Two by two, moved by one: a square of one.
        $square = static fn (float $at): array => [[$at, $at], [$at + 2, $at], [$at + 2, $at + 2], [$at, $at + 2]];
        $common = Outline::common($square(0), $square(1));
        self::assertEqualsWithDelta(1.0, self::area($common), 1e-12);
        self::assertSame([], Outline::common($square(0), $square(5)));
    }

    /** @param list<array{float, float}> $outline */
    private static function area(array $outline): float
    {
        $area = 0.0;
        foreach ($outline as $i => [$x, $y]) {
            [$nextX, $nextY] = $outline[($i + 1) % \count($outline)];
            $area += ($x * $nextY - $nextX * $y) / 2;
        }

        return $area;
    }
}
