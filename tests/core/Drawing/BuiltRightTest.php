<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\DrawingCheck;
use Japhrex\Core\Drawing\FastenerFace;
use Japhrex\Core\Drawing\FastenerHole;
use Japhrex\Core\Drawing\Section\Cutter;
use Japhrex\Core\Drawing\UnitDrawing;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\Data;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is shown while a unit goes together: which way round a part goes in, in which order its screws are tightened. */
final class BuiltRightTest extends TestCase
{
    public function testFourScrewsAreTightenedCrossWiseFromTheTop(): void
    {
        $cover = [
            ['plate' => [80, 120], 'long' => 6],
            ['plate' => [80, 120], 'long' => 12, 'hole' => 20, 'bores' => [[30, 50, 8], [30, -50, 8], [-30, 50, 8], [-30, -50, 8]]],
        ];
        $face = FastenerFace::of(array_map(static fn (array $line): Data => new Data($line, ''), $cover), 4);
        self::assertNotNull($face);
        self::assertSame(
            [[30.0, -50.0], [-30.0, 50.0], [30.0, 50.0], [-30.0, -50.0]],
            array_map(static fn (FastenerHole $one): array => [$one->x, $one->y], $face->holes),
            'top right, across to bottom left, bottom right, across to top left; y goes down',
        );
        self::assertSame([1, 2, 3, 4], array_map(static fn (FastenerHole $one): int => $one->turn, $face->holes));
        self::assertSame([-40.0, -60.0, 40.0, 60.0], array_map(static fn (float $one): float => round($one, 6), $face->frame()));
        self::assertCount(1, $face->openings, 'the hole in the middle is open, and no screw');
        self::assertNull(FastenerFace::of([new Data(['rod' => 80, 'drilled' => [6, 30, 8]], '')], 4), 'six holes are not four');
    }

    public function testScrewsOnACircleGoAcross(): void
    {
        $face = FastenerFace::of([new Data(['rod' => 80, 'long' => 8, 'drilled' => [6, 30, 8]], '')], 6);
        $angles = array_map(
            static fn (FastenerHole $one): int => (int) round(rad2deg(atan2($one->x, -$one->y)) + 360) % 360,
            $face->holes ?? [],
        );
        // Clock-wise from the top, in degrees; drilled from three o'clock.
        self::assertSame(180, ($angles[1] - $angles[0] + 360) % 360, 'the second is opposite the first');
        sort($angles);
        self::assertSame([30, 90, 150, 210, 270, 330], $angles);
    }

    #[DataProvider('types')]
    public function testEachPartThatLooksAtAnotherIsDrawnWithAnArrowToIt(Book $book): void
    {
        foreach ($book->parts as $key => $part) {
            $drawn = (new UnitDrawing($book))->facing($key);
            self::assertSame('' !== ($part->facing->to ?? ''), null !== $drawn, $key);
            if (null !== $drawn) {
                self::assertCount(2, $drawn[0]->parts);
                self::assertNotFalse(simplexml_load_string('<svg>'.$drawn[1].'</svg>'));
            }
        }
    }

    /** @return iterable<string, array{Book}> */
    public static function types(): iterable
    {
        return UnitDrawingTest::types();
    }

    public function testALipLooksTowardTheOilInTheSectionToo(): void
    {
        $wall = static function (bool $isTurned): float {
            $shell = Cutter::of([new Data(['lip-seal' => [30, 18], 'long' => 6, 'turned' => $isTurned], '')], 1.0)[0];
            // Near the shaft there is only the closed side of the shell.
            $spans = $shell->at(12.5);

            return ($spans[0][0] + $spans[0][1]) / 2;
        };
        self::assertLessThan(3.0, $wall(false), 'closed at the back, open towards the eye');
        self::assertGreaterThan(3.0, $wall(true), 'turned: the oil is behind it');
    }

    public function testABookIsToldWhatItsDrawingsCannotShow(): void
    {
        $told = Books::file('external-gear-pump');
        $told = array_replace_recursive($told, [
            'parts' => ['shaft-seal' => ['facing' => ['to' => 'relief-valve', 'face' => 'moon']]],
            'fasteners' => ['cover-screws' => ['holes' => 'shaft-key']],
        ]);
        $said = implode("\n", array_map(
            static fn (BookProblem $one): string => $one->path.': '.$one->message,
            iterator_to_array(DrawingCheck::problems((new BookFactory())->book($told)), false),
        ));
        self::assertStringContainsString('parts/shaft-seal/facing/to: "relief-valve" is not on its axis.', $said);
        self::assertStringContainsString('parts/shaft-seal/facing/face: it has no surface "moon".', $said);
        self::assertStringContainsString('fasteners/cover-screws/holes: no solid of "shaft-key" has 4 holes of one size.', $said);
    }
}
