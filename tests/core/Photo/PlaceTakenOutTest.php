<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\PlaceTakenOut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A file is written by hand from the standards, entry by entry, in both byte orders. */
final class PlaceTakenOutTest extends TestCase
{
    /** A picture file with a maker's mark and a place: 59° 54′ 0″ north. */
    private static function file(string $order): string
    {
        [$short, $long] = 'II' === $order ? ['v', 'V'] : ['n', 'N'];
        $entry = static fn (
            int $tag,
            int $type,
            int $count,
            string $value,
        ): string => pack($short.'2', $tag, $type).pack($long, $count).str_pad($value, 4, "\0");
        $tiff = $order.pack($short, 42).pack($long, 8)
            // The first directory at 8: the orientation, the pointer to the GPS directory at 38, and no next one.
            .pack($short, 2).$entry(0x0112, 3, 1, pack($short, 6)).$entry(0x8825, 4, 1, pack($long, 38)).pack($long, 0)
            // The GPS directory: which half of the globe, the latitude as three fractions at 68.
            .pack($short, 2).$entry(1, 2, 2, "N\0").$entry(2, 5, 3, pack($long, 68)).pack($long, 0)
            .pack($long.'6', 59, 1, 54, 1, 0, 1);

        return "\xff\xd8\xff\xe1".pack('n', 8 + \strlen($tiff))."Exif\0\0".$tiff."\xff\xdathe picture itself\xff\xd9";
    }

    /** @return iterable<array{string}> */
    public static function orders(): iterable
    {
        yield ['II'];
        yield ['MM'];
    }

    #[DataProvider('orders')]
    public function testThePlaceIsBlankedAndAllElseStaysByteForByte(string $order): void
    {
        $file = self::file($order);
        $without = PlaceTakenOut::of($file);
        self::assertNotNull($without);
        self::assertSame(\strlen($file), \strlen($without));
        self::assertStringNotContainsString(pack('II' === $order ? 'V' : 'N', 59).pack('II' === $order ? 'V' : 'N', 1), $without);
        self::assertStringNotContainsString("N\0\0\0", substr($without, 50));
        self::assertStringEndsWith("\xff\xdathe picture itself\xff\xd9", $without);
        self::assertSame(substr($file, 0, 12 + 8 + 2 + 12), substr($without, 0, 12 + 8 + 2 + 12), 'the way it lies stays');
        self::assertSame($without, PlaceTakenOut::of($without) ?? $without);
    }

    public function testAFileWithoutAPlaceOrATornOneIsLeftAlone(): void
    {
        self::assertNull(PlaceTakenOut::of("\xff\xd8 no Exif in it"));
        self::assertNull(PlaceTakenOut::of("Exif\0\0II*\0"));
        self::assertNull(PlaceTakenOut::of("Exif\0\0XX"));
    }
}
