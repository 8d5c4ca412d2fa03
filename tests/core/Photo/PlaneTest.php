<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\MeasureKind;
use Japhrex\Core\Photo\Measuring;
use Japhrex\Core\Photo\Outline;
use Japhrex\Core\Photo\PhotoError;
use Japhrex\Core\Photo\Plane;
use Japhrex\Core\Photo\Point;
use Japhrex\Core\Photo\Scale;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lengths, areas and angles in a picture, against values worked out by hand. */
final class PlaneTest extends TestCase
{
    /**
     * A camera 400 mm from the plane's origin, tilted by the angle about the x axis, focal length 1500 px, seen by hand:
     * depth = 400 + y·sin, x' = 1500·x/depth, y' = −1500·y·cos/depth.
     */
    private static function seen(float $x, float $y, float $tilt): Point
    {
        $depth = 400 + $y * sin(deg2rad($tilt));

        return new Point(800 + 1500 * $x / $depth, 600 - 1500 * $y * cos(deg2rad($tilt)) / $depth);
    }

    /** @return iterable<string, array{float}> */
    public static function tilts(): iterable
    {
        yield 'from the front' => [0.0];
        yield 'at a slant' => [35.0];
        yield 'at a steep slant' => [60.0];
    }

    #[DataProvider('tilts')]
    public function testASquareInThePlaneMakesSlantedShotsMeasureTrue(float $tilt): void
    {
        $plane = Plane::ofRectangle(
            array_map(static fn (array $p): Point => self::seen($p[0], $p[1], $tilt), [[0, 0], [50, 0], [50, 50], [0, 50]]),
            50,
            50,
        );
        $measuring = new Measuring($plane);
        $length = $measuring->measure(MeasureKind::Length, [self::seen(-30, 10, $tilt), self::seen(50, 70, $tilt)]);
        self::assertEqualsWithDelta(100.0, $length->value, 1e-6, '80 and 60 at a right angle');
        self::assertEqualsWithDelta(
            12.0,
            $measuring->measure(
                MeasureKind::Width,
                [self::seen(0, 60, $tilt), self::seen(40, 60, $tilt), self::seen(17, 72, $tilt)],
            )->value,
            1e-6,
        );
        $round = static fn (float $degrees): Point => self::seen(20 + 15 * cos(deg2rad($degrees)), 30 + 15 * sin(deg2rad($degrees)), $tilt);
        self::assertEqualsWithDelta(30.0, $measuring->measure(MeasureKind::Diameter, [$round(10), $round(130), $round(250)])->value, 1e-6);
        self::assertEqualsWithDelta(
            90.0,
            $measuring->measure(MeasureKind::Angle, [self::seen(30, 0, $tilt), self::seen(0, 0, $tilt), self::seen(0, 30, $tilt)])->value,
            1e-6,
        );
        self::assertEqualsWithDelta(
            600.0,
            $measuring->measure(
                MeasureKind::Area,
                array_map(static fn (array $p): Point => self::seen($p[0], $p[1], $tilt), [[0, 0], [30, 0], [30, 20], [0, 20]]),
            )->value,
            1e-6,
        );
    }

    public function testAKnownLengthIsTheRulerOfAPictureTakenSquare(): void
    {
        $scale = new Scale(new Point(100, 100), new Point(600, 100), 50.0);
        self::assertEqualsWithDelta(
            12.0,
            (new Measuring($scale))->measure(MeasureKind::Length, [new Point(0, 0), new Point(0, 120)])->value,
            1e-9,
            'a tenth of a millimetre a pixel',
        );
    }

    public function testTheUncertaintyOfALengthIsThatOfItsEndsAndOfTheRuler(): void
    {
        // By hand: 0.1 mm a pixel. Both ends, 1.5 px each along the length: √2·0.15 mm. The ruler: a known length of 500 px
        // whose ends are 1.5 px off each is √2·1.5/500 of 20 mm. The known length is right to 0.1 mm in 50: 0.002 of 20 mm.
        $measured = (
            new Measuring(new Scale(new Point(0, 0), new Point(500, 0), 50.0, 0.1))
        )->measure(MeasureKind::Length, [new Point(100, 100), new Point(300, 100)]);
        self::assertEqualsWithDelta(20.0, $measured->value, 1e-9);
        self::assertEqualsWithDelta(sqrt(2 * 0.15 ** 2 + 2 * (1.5 / 500 * 20) ** 2 + (0.002 * 20) ** 2), $measured->standard, 1e-3);
        self::assertEqualsWithDelta(2 * $measured->standard, $measured->expanded(), 1e-12);
    }

    public function testAShareIsTheDamageThatLiesOnTheFace(): void
    {
        $face = [new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100)];
        $over = [new Point(50, 50), new Point(150, 50), new Point(150, 150), new Point(50, 150)];
        self::assertEqualsWithDelta(
            25.0,
            (new Measuring())->measure(MeasureKind::Share, $face, $over)->value,
            1e-9,
            'what reaches over the edge does not count',
        );
        self::assertSame(
            0.0,
            (new Measuring())->measure(
                MeasureKind::Share,
                $face,
                array_map(static fn (Point $p): Point => $p->moved(200, 0), $over),
            )->value,
        );
    }

    public function testAContactPatternHasItsCentreAndItsExtent(): void
    {
        $face = [new Point(0, 0), new Point(200, 0), new Point(200, 100), new Point(0, 100)];
        $contact = (new Measuring())->measure(
            MeasureKind::Contact,
            $face,
            [new Point(100, 20), new Point(180, 20), new Point(180, 60), new Point(100, 60)],
        );
        self::assertEqualsWithDelta(16.0, $contact->value, 1e-9);
        self::assertEquals(['centre-x' => 70.0, 'centre-y' => 40.0, 'extent-x' => 40.0, 'extent-y' => 40.0], $contact->more);
    }

    public function testMarksInARegionAreCounted(): void
    {
        $region = [new Point(0, 0), new Point(100, 0), new Point(0, 100)];
        $count = (new Measuring())->measure(MeasureKind::Count, $region, [new Point(10, 10), new Point(60, 60), new Point(20, 70)]);
        self::assertSame([2.0, 0.0], [$count->value, $count->standard]);
    }

    public function testWhatCannotBeMeasuredIsSaid(): void
    {
        $plane = static fn (array ...$p): Plane => Plane::ofRectangle(
            array_map(static fn (array $q): Point => new Point(...$q), array_values($p)),
            50,
            50,
        );
        foreach ([
            'There is no scale in this picture yet' => static fn () => (new Measuring())->measure(
                MeasureKind::Length,
                [new Point(0, 0), new Point(9, 9)],
            ),
            'Three points on the circle' => static fn () => (new Measuring())->measure(MeasureKind::Diameter, [new Point(0, 0)]),
            'lie in a line; set them well apart' => static fn () => (
                new Measuring(new Scale(new Point(0, 0), new Point(50, 0), 5))
            )->measure(
                MeasureKind::Diameter,
                [new Point(0, 0), new Point(10, 0), new Point(20, 0.001)],
            ),
            'Three of the corners lie in a line' => static fn () => $plane([0, 0], [100, 0], [200, 0], [0, 100]),
            'ends of the known length lie on each other' => static fn () => new Scale(new Point(7, 7), new Point(8, 8), 50),
        ] as $words => $do) {
            try {
                $do();
                self::fail($words);
            } catch (PhotoError $error) {
                self::assertStringContainsString($words, $error->getMessage());
            }
        }
    }

    public function testTheCentreOfAHalfDiscLiesWhereTheTextbookHasIt(): void
    {
        // 4r/3π above the straight side, r = 30: 12.73.
        $half = array_map(static fn (int $i): Point => new Point(30 * cos(deg2rad($i)), 30 * sin(deg2rad($i))), range(0, 180, 1));
        self::assertEqualsWithDelta(12.732, Outline::centre($half)->y, 0.005);
        self::assertEqualsWithDelta(\M_PI * 900 / 2, Outline::area($half), 0.2);
    }
}
