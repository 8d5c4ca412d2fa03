<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\PhotoError;
use Japhrex\Core\Photo\PhotoQuality;
use Japhrex\Core\Photo\Point;
use Japhrex\Core\Photo\Raster;
use Japhrex\Core\Photo\SurfaceLook;
use Japhrex\Core\Photo\TemperColour;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hints from the pixels, on pictures of which the truth is known. */
final class SurfaceTest extends TestCase
{
    /** @return iterable<string, array{float, float}> direction in degrees, pixels from scratch to scratch */
    public static function textures(): iterable
    {
        foreach ([0, 20, 45, 90, 115, 160] as $direction) {
            foreach ([6.0, 10.0, 24.0] as $every) {
                yield "$direction degrees, every $every pixels" => [$direction, $every];
            }
        }
    }

    #[DataProvider('textures')]
    public function testDirectionAndDensityOfScratchesAreRead(float $direction, float $every): void
    {
        $picture = Drawn::scratches($direction, $every, 12);
        $surface = SurfaceLook::of($picture, Drawn::whole($picture), 0.02);
        self::assertTrue($surface->hasDirection());
        self::assertEqualsWithDelta(0, $surface->against($direction), 2, 'direction');
        self::assertEqualsWithDelta(1 / $every / 0.02, $surface->density, 0.12 / $every / 0.02, 'density');
        self::assertEqualsWithDelta(90, $surface->against($direction + 90), 2);
    }

    public function testASmoothFaceSaysNothing(): void
    {
        foreach (
            [
                static fn (): float => 140,
                static fn (int $x, int $y): float => 100 + $x / 4 + $y / 8,
                static fn (int $x, int $y): float => 140 + ($x * 7 + $y * 13) % 3,
            ] as $light
        ) {
            $picture = Drawn::of(200, 200, $light);
            $surface = SurfaceLook::of($picture, Drawn::whole($picture));
            self::assertTrue($surface->isSmooth);
            self::assertFalse($surface->hasDirection());
            self::assertSame(0.0, $surface->perPixel);
        }
    }

    public function testWhatIsRoughEveryWayHasNoDirection(): void
    {
        mt_srand(3);
        $picture = Drawn::of(200, 200, static fn (): float => mt_rand(60, 200));
        $surface = SurfaceLook::of($picture, Drawn::whole($picture));
        self::assertFalse($surface->isSmooth);
        self::assertFalse($surface->hasDirection());
    }

    public function testBrightAndDullArePartedAndTheirShareIsRight(): void
    {
        $patches = Drawn::of(200, 200, static fn (int $x, int $y): float => $x < 60 ? 205 : 90);
        $surface = SurfaceLook::of($patches, [new Point(0, 0), new Point(200, 0), new Point(200, 200), new Point(0, 200)]);
        self::assertTrue($surface->isParted());
        self::assertEqualsWithDelta(30, $surface->bright, 1);
        $even = Drawn::of(200, 200, static fn (int $x, int $y): float => 150 + 3 * sin($x / 5));
        self::assertFalse(SurfaceLook::of($even, Drawn::whole($even))->isParted());
    }

    public function testARegionTooSmallIsRefused(): void
    {
        $this->expectException(PhotoError::class);
        $this->expectExceptionMessage('at least 20 by 20 pixels');
        SurfaceLook::of(Drawn::scratches(0, 8), [new Point(5, 5), new Point(15, 5), new Point(15, 15)]);
    }

    /** @return iterable<string, array{array{float, float, float}, string, int|null}> */
    public static function colours(): iterable
    {
        yield 'bright steel' => [[172, 174, 176], 'no temper colour', null];
        yield 'straw' => [[196, 172, 110], 'straw', 200];
        yield 'brown' => [[150, 98, 62], 'brown', 240];
        yield 'purple' => [[112, 66, 98], 'purple', 265];
        yield 'blue' => [[62, 82, 128], 'blue', 290];
        yield 'grey-blue' => [[110, 138, 150], 'pale blue to grey', 320];
        yield 'grass, which no steel takes' => [[70, 140, 60], 'no colour of the temper row', null];
    }

    /** @param array{float, float, float} $mean */
    #[DataProvider('colours')]
    public function testTheTemperRowIsReadUnderAnyLampThroughANeutralPatch(array $mean, string $name, ?int $from): void
    {
        foreach ([[1, 1, 1], [1.12, 1, 0.78], [0.85, 1, 1.15]] as [$r, $g, $b]) {
            $colour = TemperColour::of([$mean[0] * $r, $mean[1] * $g, $mean[2] * $b], [160 * $r, 160 * $g, 160 * $b]);
            self::assertSame([$name, $from], [$colour->name, $colour->fromCelsius]);
        }
    }

    public function testAPictureIsWorthKeepingOrItIsSaidWhatIsWrong(): void
    {
        $sharp = Drawn::of(480, 360, static fn (int $x, int $y): float => 0 === intdiv($x, 16) % 2 ^ intdiv($y, 16) % 2 ? 190 : 60);
        self::assertSame([], PhotoQuality::of($sharp, 4000)->hints);
        $soft = Drawn::of(480, 360, static fn (int $x, int $y): float => 125 + 65 * sin($x / 18) * sin($y / 18));
        $dark = new Raster(480, 360, strtr($sharp->bytes, [\chr(190) => \chr(40), \chr(60) => \chr(4)]));
        $burnt = Drawn::of(480, 360, static fn (int $x, int $y): float => $x < 200 ? 255 : (0 === $x % 8 ? 40 : 160));
        foreach (
            [
                ['blurred', $soft, 4000, false],
                ['too dark', $dark, 4000, false],
                ['42 % of it is burnt out', $burnt, 4000, false],
                ['small (640 pixels)', $sharp, 640, false],
                ['A scale is asked for here', $sharp, 4000, true],
            ] as [$words, $picture, $size, $asked]
        ) {
            $hints = PhotoQuality::of($picture, $size, $asked)->hints;
            self::assertCount(1, $hints, $words);
            self::assertStringContainsString($words, $hints[0]);
        }
        self::assertSame([], PhotoQuality::of($sharp, 4000, true, true)->hints);
    }

    public function testTheMeanColourIsThatOfTheRegionAlone(): void
    {
        // Left half red, right half blue; the region lies in the right one.
        $picture = new Raster(100, 40, str_repeat(str_repeat("\xc8\x0a\x0a", 50).str_repeat("\x0a\x0a\xc8", 50), 40), 3);
        self::assertSame(
            [10.0, 10.0, 200.0],
            SurfaceLook::meanColour($picture, [new Point(60, 5), new Point(95, 5), new Point(95, 35), new Point(60, 35)]),
        );
        $this->expectExceptionMessage('too small');
        SurfaceLook::meanColour($picture, [new Point(60.2, 5.2), new Point(60.4, 5.2), new Point(60.4, 5.4)]);
    }

    public function testScratchesAlongTheRunningAreOfWhatRanThere(): void
    {
        self::assertStringContainsString('ran there', SurfaceLook::madeBy(5));
        self::assertStringContainsString('slanting', SurfaceLook::madeBy(45));
        self::assertStringContainsString('across', SurfaceLook::madeBy(88));
    }
}
