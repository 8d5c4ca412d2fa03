<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\Outline;
use PHPUnit\Framework\TestCase;

/** Outlines are what their sizes say. */
final class OutlineTest extends TestCase
{
    /**
     * @param list<float> $sizes
     *
     * @return array{float, float} the least and the largest
     */
    private static function span(array $sizes): array
    {
        sort($sizes);

        return [$sizes[0] ?? 0.0, $sizes[\count($sizes) - 1] ?? 0.0];
    }

    /**
     * @param list<array{float, float}> $outline
     *
     * @return list<float>
     */
    private static function radii(array $outline): array
    {
        return array_map(static fn (array $one): float => hypot($one[0], $one[1]), $outline);
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

    public function testOutlinesRunCounterClockwiseSoThatTheirOutsideIsKnown(): void
    {
        $all = [
            Outline::circle(3, 4, 5), Outline::plate(10, 6), Outline::plate(10, 6, 2), Outline::around([[0, 5, 6], [0, -5, 6]]),
            Outline::gear(20, 16, 12), Outline::slotted(20, 6, 4, 8), Outline::regular(10, 6), Outline::openRing(20, 16, 30),
            Outline::kidney(20, 6, 60), Outline::crescent(20, 14, -3, 50),
        ];
        foreach ($all as $i => $outline) {
            self::assertGreaterThan(0, self::area($outline), (string) $i);
        }
    }

    public function testAGearHasAsManyTipsAsTeethAndReachesFromRootToTip(): void
    {
        $radii = self::radii(Outline::gear(20.0, 16.0, 12));
        self::assertCount(48, $radii, 'two corners at the tip of each tooth, two at its root');
        self::assertEqualsWithDelta([16.0, 20.0], self::span($radii), 1e-9);
    }

    public function testAPlateIsAsWideAndHighAsToldAlsoWithItsCornersRounded(): void
    {
        foreach ([0.0, 3.0] as $corner) {
            $plate = Outline::plate(30.0, 20.0, $corner);
            self::assertEqualsWithDelta([-15.0, 15.0], self::span(array_column($plate, 0)), 1e-9);
            self::assertEqualsWithDelta([-10.0, 10.0], self::span(array_column($plate, 1)), 1e-9);
        }
        // Four quarters of a circle are missing: (4 − π)·r² of the area, a little more with a circle of corners.
        self::assertEqualsWithDelta(600.0 - (4 - \M_PI) * 9, self::area(Outline::plate(30.0, 20.0, 3.0)), 0.5);
    }

    public function testASlotGoesAsDeepAsToldAndItsSidesAreParallel(): void
    {
        $slotted = Outline::slotted(20.0, 6.0, 4.0, 8);
        self::assertEqualsWithDelta(14.0, self::span(self::radii($slotted))[0], 1e-9);
        // The first slot lies to the right: its four corners are 2 above and below the middle.
        foreach (\array_slice($slotted, 0, 4) as $corner) {
            self::assertEqualsWithDelta(2.0, abs($corner[1]), 1e-9);
        }
    }

    public function testARingIsOpenUpwardsByTheDegreesOfItsGap(): void
    {
        $ring = Outline::openRing(20.0, 16.0, 40.0);
        $angles = array_map(static fn (array $one): float => abs(rad2deg(atan2($one[0], $one[1]))), $ring);
        self::assertEqualsWithDelta(20.0, self::span($angles)[0], 1e-6, 'half the gap to each side of upwards');
    }

    public function testAKidneyLiesAlongItsCircle(): void
    {
        self::assertEqualsWithDelta([17.0, 23.0], self::span(self::radii(Outline::kidney(20.0, 6.0, 60.0))), 1e-9);
    }

    public function testACordAroundTwoCirclesTouchesBothOutsides(): void
    {
        $oval = Outline::around([[0, 16, 40], [0, -16, 40]]);
        self::assertEqualsWithDelta([-36.0, 36.0], self::span(array_column($oval, 1)), 0.2);
        self::assertEqualsWithDelta([-20.0, 20.0], self::span(array_column($oval, 0)), 0.2);
    }

    public function testWhatIsTurnedAndMovedKeepsItsShape(): void
    {
        $moved = Outline::moved([[2.0, 0.0], [0.0, 1.0]], 10.0, 20.0, 90.0);
        self::assertEqualsWithDelta([[10.0, 22.0], [9.0, 20.0]], $moved, 1e-9);
    }
}
