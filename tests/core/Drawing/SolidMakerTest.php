<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Drawing\Stamp;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a line of a shape says is where it says. */
final class SolidMakerTest extends TestCase
{
    /**
     * @param array<string, mixed> ...$lines
     *
     * @return array{list<Stamp>, float}
     */
    private static function made(array ...$lines): array
    {
        return SolidMaker::of(array_map(static fn (array $line): Data => new Data($line), array_values($lines)), 1.0);
    }

    /** @return list<string> surfaces that are seen, without the nameless ones */
    private static function surfaces(Stamp ...$stamps): array
    {
        $faces = array_merge(...array_map(static fn (Stamp $one): array => $one->thing->faces, $stamps));
        $names = array_unique(array_map(static fn (Face $one): string => $one->surface, $faces));
        sort($names);

        return array_values(array_filter($names));
    }

    public function testSolidsStandBehindEachOtherAndAtTakesOneBack(): void
    {
        self::assertSame(35.0, self::made(['rod' => 20, 'long' => 15], ['rod' => 10, 'long' => 20])[1]);
        self::assertSame(20.0, self::made(['rod' => 20, 'long' => 15], ['rod' => 10, 'long' => 20, 'at' => 0])[1]);
        $upright = self::made(['rod' => 20, 'long' => 15], ['rod' => 10, 'lies' => 'up', 'long' => 90]);
        self::assertSame(15.0, $upright[1], 'what stands upright makes it no longer');
    }

    public function testSeveralInACircleStandOnItAndTheNearestIsPaintedLast(): void
    {
        [$stamps] = self::made(['rod' => 8, 'round' => [9, 34], 'long' => 40]);
        self::assertCount(9, $stamps);
        $depths = array_map(static fn (Stamp $one): float => round($one->depth, 3), $stamps);
        $sorted = $depths;
        sort($sorted);
        self::assertSame($sorted, $depths);
        // The first stands at angle nought: 34 beside the axis.
        [$x, $y] = Frame::along()->at(34, 0, 0);
        $there = array_filter($stamps, static fn (Stamp $one): bool => hypot($one->x - $x, $one->y - $y) < 1e-6);
        self::assertCount(1, $there);
    }

    public function testFurtherPlacesStandBesideTheFirst(): void
    {
        [$stamps] = self::made(['ring' => [24, 19], 'off' => [0, 16], 'and' => [[0, -32]]]);
        [, $down] = Frame::along()->at(0, -32, 0);
        self::assertEqualsWithDelta($down, abs($stamps[0]->y - $stamps[1]->y), 1e-9);
    }

    public function testFacesBearTheNamesOfTheSurfacesThatTheyAre(): void
    {
        $gear = ['gear' => [40, 12], 'long' => 26, 'front' => 'end-face', 'side' => 'tooth-tip', 'flank' => 'tooth-flank'];
        self::assertSame(['end-face', 'tooth-flank', 'tooth-tip'], self::surfaces(...self::made($gear)[0]));
        $pocket = ['pocket' => ['rod' => 40, 'deep' => 4], 'bore' => 'gear-bore', 'floor' => 'ground'];
        $body = ['plate' => [78, 110], 'front' => 'joint'] + $pocket;
        self::assertSame(['gear-bore', 'ground', 'joint'], self::surfaces(...self::made($body)[0]));
    }

    public function testRubberIsDarkerThanSteelAndAWallDarkerThanItsEnd(): void
    {
        $end = static function (string $of): int {
            $faces = self::made(['ring' => [40, 20], 'of' => $of])[0][0]->thing->faces;

            return $faces[\count($faces) - 1]->tone;
        };
        self::assertLessThan($end('rubber'), $end('steel'));
        $faces = self::made(['ring' => [40, 20], 'front' => 'end', 'bore' => 'wall'])[0][0]->thing->faces;
        $tones = array_column(array_map(static fn (Face $one): array => [$one->surface, $one->tone], $faces), 1, 0);
        self::assertGreaterThan($tones['end'], $tones['wall']);
    }

    /** @return iterable<string, array{array<string, mixed>, int}> things of the shelf, and of how many solids at least */
    public static function shelf(): iterable
    {
        yield 'a ball bearing has two races and balls between' => [['ball-bearing' => [46, 22], 'side' => 'race'], 20];
        yield 'needles have no inner race' => [['needle-bearing' => [34, 22], 'side' => 'race'], 20];
        yield 'a taper bearing' => [['taper-bearing' => [62, 34], 'side' => 'race'], 20];
        yield 'a lip seal has a shell, a lip and a spring' => [['lip-seal' => [31, 17], 'front' => 'race', 'side' => 'race'], 6];
        yield 'a screw has a thread and a head' => [['screw' => [7, 40], 'side' => 'race'], 8];
        yield 'a sieve has wires' => [['mesh' => 40, 'long' => 40, 'side' => 'race'], 15];
        yield 'a flat sieve' => [['mesh' => [40, 30], 'side' => 'race'], 14];
        yield 'a spring' => [['coil' => [12, 2, 6], 'long' => 30, 'side' => 'race'], 2];
    }

    /** @param array<string, mixed> $line */
    #[DataProvider('shelf')]
    public function testThingsOfTheShelfAreMadeOfTheirPieces(array $line, int $faces): void
    {
        [$stamps] = self::made($line);
        self::assertCount(1, $stamps);
        self::assertGreaterThanOrEqual($faces, \count($stamps[0]->thing->faces));
        self::assertSame(['race'], self::surfaces(...$stamps));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'words for a size' => [['rod' => 'thick'], 'expected a number'];
        yield 'a direction that is none' => [['rod' => 10, 'lies' => 'askew'], 'a solid lies along, across or up'];
        yield 'points that are none' => [['poly' => [['a', 2]]], 'expected a number'];
    }

    /** @param array<string, mixed> $line */
    #[DataProvider('wrong')]
    public function testALineThatCannotBeDrawnIsRefused(array $line, string $says): void
    {
        $this->expectException(BookError::class);
        $this->expectExceptionMessage($says);
        self::made($line);
    }
}
