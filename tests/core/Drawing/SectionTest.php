<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\DrawCommand;
use Japhrex\Core\Drawing\DrawingCheck;
use Japhrex\Core\Drawing\Section\Area;
use Japhrex\Core\Drawing\Section\Assembly;
use Japhrex\Core\Drawing\Section\Cutter;
use Japhrex\Core\Drawing\Section\Edge;
use Japhrex\Core\Drawing\Section\SectionDrawing;
use Japhrex\Core\Drawing\Section\Together;
use Japhrex\Core\Drawing\SvgWriter;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Family\Shapes;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A unit put together and cut through its axis: where there is material, what meets what, and what is said of it. */
final class SectionTest extends TestCase
{
    /**
     * @param list<array<string, mixed>> $shape
     *
     * @return list<Area>
     */
    private static function cut(array $shape): array
    {
        return Cutter::of(array_map(static fn (array $line): Data => new Data($line, ''), $shape), 1.0);
    }

    /**
     * @param list<Area> $areas
     *
     * @return list<array{float, float}> from where to where there is material along a line at a height
     */
    private static function at(array $areas, float $height): array
    {
        return array_merge(...array_map(static fn (Area $one): array => array_map(
            static fn (array $span): array => [round($span[0], 3), round($span[1], 3)],
            $one->at($height),
        ), $areas));
    }

    public function testABlindBoreLeavesItsFloorAndAThroughBoreNothing(): void
    {
        $cup = self::cut([['rod' => 40, 'long' => 20, 'hole' => 20, 'deep' => 15, 'of' => 'cast']]);
        self::assertSame([[0.0, 5.0]], self::at($cup, 0.5));
        self::assertSame([[0.0, 5.0], [5.0, 20.0]], self::at($cup, 15.5));
        self::assertSame([], self::at($cup, 20.5));
        self::assertSame([], self::at(self::cut([['ring' => [40, 20], 'long' => 20]]), 0.5));
    }

    public function testWhatStandsBesideThePlaneIsCutAsFarAsItReachesIntoIt(): void
    {
        // 6 beside the plane a rod of 20 is a chord of 2·√(100 − 36) = 16 wide.
        $rod = self::cut([['rod' => 20, 'long' => 10, 'off' => [6, 0]]]);
        self::assertSame([[0.0, 10.0]], self::at($rod, 7.9));
        self::assertSame([], self::at($rod, 8.1));
        self::assertSame([], self::cut([['rod' => 20, 'long' => 10, 'off' => [11, 0]]]), 'it stands beside it altogether');
        self::assertCount(2, self::cut([['rod' => 6, 'round' => [4, 30], 'long' => 10]]), 'one of a circle is turned into the plane');
    }

    public function testFacesKeepTheKeysOfTheirSurfaces(): void
    {
        $cup = self::cut([[
            'rod' => 40, 'long' => 20, 'hole' => 20, 'deep' => 15, 'of' => 'cast', 'front' => 'joint', 'side' => 'rim', 'bore' => 'bore',
            'floor' => 'floor',
        ]]);
        $named = [];
        foreach ($cup[0]->edges as $edge) {
            $named[$edge->surface][] = $edge;
        }
        self::assertEqualsCanonicalizing(['', 'joint', 'rim', 'bore', 'floor'], array_keys($named));
        $floor = $named['floor'][0] ?? self::fail('There is no floor.');
        self::assertSame([5.0, 5.0], [$floor->from[0], $floor->to[0]]);
        self::assertEqualsWithDelta(20.0, abs($floor->to[1] - $floor->from[1]), 1e-6);
        foreach ($named['bore'] as $edge) {
            self::assertSame(abs($edge->from[1] + $edge->inward[1]), 11.0, 'material lies away from the axis');
        }
    }

    public function testAPartIsPushedBackUntilItMeetsAnother(): void
    {
        $together = new Together(1.0);
        self::assertSame(0.0, $together->place(self::cut([['rod' => 60, 'long' => 20, 'hole' => 30, 'deep' => 12, 'of' => 'cast']])));
        self::assertSame(8.0, $together->place(self::cut([['ball-bearing' => [30, 12]]])), 'into the bore, to its floor');
        self::assertSame(20.0, $together->place(self::cut([['ring' => [60, 40], 'long' => 4]])), 'against the face beside it');
        $soft = self::cut([['cord' => [50, 3], 'of' => 'rubber']]);
        $together->place($soft);
        self::assertSame(24.0, $together->place(self::cut([['ring' => [60, 40], 'long' => 4]])), 'a ring of rubber keeps nothing off');
    }

    public function testACutIsHatchedAcrossItsWholeWidth(): void
    {
        $square = new Area([[[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [0.0, 10.0]]], [], 2, true);
        $lines = $square->hatching(45.0, 5.0);
        // The diagonal is 14.14 long across the lines: 5 apart there are three of them.
        self::assertCount(3, $lines);
        [$from, $to] = $lines[1] ?? self::fail('There is no middle line.');
        self::assertEqualsWithDelta(14.1421, hypot($to[0] - $from[0], $to[1] - $from[1]), 0.001);
    }

    /** @return iterable<string, array{Book}> */
    public static function sections(): iterable
    {
        foreach (Books::all() as $type => $book) {
            if ($book->drawn->hasSection) {
                yield $type => [$book];
            }
        }
    }

    #[DataProvider('sections')]
    public function testAUnitIsCutTheSameEveryTimeAndSmallEnoughForAPage(Book $book): void
    {
        $names = array_map(static fn ($part): string => $part->name, $book->parts);
        $svg = (new SvgWriter($names))->write((new SectionDrawing($book))->blank());
        self::assertSame($svg, (new SvgWriter($names))->write((new SectionDrawing($book))->blank()));
        self::assertLessThan(150_000, \strlen($svg));
        self::assertNotFalse(simplexml_load_string($svg));
        $main = $book->drawn->axes[0];
        $shown = array_intersect($main, array_keys((new SectionDrawing($book))->blank()->parts));
        self::assertGreaterThan(0.7 * \count($main), \count($shown), 'what stands beside the plane is the lesser part');
    }

    public function testWhatDoesNotGoTogetherIsSaid(): void
    {
        $files = static function (string $key): array {
            $told = Books::file($key);
            self::assertIsArray($told['drawing']);
            $told['drawing']['section'] = 'transfer-case' !== $key;

            return $told;
        };
        $command = new DrawCommand(['transfer-case', 'roller-pump'], $files, static fn (): ?string => null);
        self::assertStringContainsString('data-part="rollers"', $command->svg(['--book', 'roller-pump', '--view', 'section']));
        try {
            $command->svg(['--book', 'transfer-case', '--view', 'section']);
            self::fail('It has no section.');
        } catch (\InvalidArgumentException $e) {
            self::assertStringContainsString('drawn pulled apart only', $e->getMessage());
        }
        $told = $files('roller-pump');
        $told['drawing']['sits'] = ['rotor' => ['in' => 'body']];
        $told['drawing']['cut'] = ['rotor' => [['rod' => 60, 'long' => 20, 'front' => 'moon']]];
        $problems = array_map(
            static fn (BookProblem $one): string => $one->message,
            iterator_to_array(DrawingCheck::problems((new BookFactory())->book($told)), false),
        );
        self::assertStringContainsString('"body" does not come before it on the axes', implode(' ', $problems));
        self::assertStringContainsString('it has no surface "moon"', implode(' ', $problems));
    }

    public function testAShaftMayLieBesideTheAxisOrStandUprightAndAPackLiesTogether(): void
    {
        $told = ['axes' => [['parts' => ['case']], ['parts' => ['idler', 'crank', 'pack']]], 'shapes' => [
            'case' => [['rod' => 40, 'long' => 10]],
            'idler' => [['rod' => 10, 'long' => 30]],
            'crank' => [['rod' => 8, 'long' => 20]],
            'pack' => [['ring' => [30, 20], 'long' => 2], ['ring' => [30, 20], 'long' => 2, 'at' => 12]],
        ], 'sits' => [
            'idler' => ['in' => 'case', 'at' => 10, 'across' => -25],
            'crank' => ['in' => 'idler', 'at' => 5, 'across' => 5, 'upright' => true],
        ], 'cut' => ['pack' => [['ring' => [30, 20], 'long' => 2], ['ring' => [30, 20], 'long' => 2]]]];
        $part = Books::book('roller-pump')->parts['rotor'];
        $drawn = Shapes::of(new Data($told, ''), array_fill_keys(['case', 'idler', 'crank', 'pack'], $part));
        $lines = Assembly::lines($drawn, 1.0);
        self::assertSame(['case', 'idler', 'crank'], array_column($lines[0] ?? [], 0), 'what sits in each other is of one line');
        [$idler, $crank] = [$lines[0][1][1][0] ?? null, $lines[0][2][1][0] ?? null];
        self::assertSame([10.0, 40.0, -30.0, -20.0], $idler?->box());
        self::assertSame([11.0, 19.0, -20.0, 0.0], $crank?->box(), '5 along and 5 above the idler, its length upright');
        $pack = array_map(static fn (Area $one): array => $one->box(), $lines[1][0][1] ?? []);
        self::assertSame([0.0, 2.0], array_values(array_unique(array_column($pack, 0))), 'one on the other');
    }

    public function testAClearanceIsDrawnWideWhereItIsMeasured(): void
    {
        $read = static fn (array $told): string => (new SectionDrawing((new BookFactory())->book($told)))->blank()->parts['body'];
        $told = Books::file('external-gear-pump');
        $wide = $read($told);
        self::assertIsArray($told['parts']);
        self::assertIsArray($told['parts']['body']);
        $told['parts']['body']['readings'] = [];
        self::assertSame(substr_count($read($told), '~0|-|w~'), substr_count($wide, '~0|-|w~') - 1, 'a band in the bore');
    }

    public function testAnEdgeMovesWithItsPart(): void
    {
        $edge = new Edge([0.0, 1.0], [2.0, 1.0], [0.0, 1.0], 'bore');
        self::assertEquals(new Edge([3.0, 1.0], [5.0, 1.0], [0.0, 1.0], 'bore'), $edge->moved(3.0, 0.0));
        self::assertSame([[0.0, 1.5], [2.0, 1.5]], $edge->inwards(0.5));
    }
}
