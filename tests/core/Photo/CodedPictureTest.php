<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\CodedPicture;
use Japhrex\Core\Photo\PlaceTakenOut;
use PHPUnit\Framework\TestCase;

/** Of two files it is told whether they are of the same pixels, whatever was written beside them. Files are made by hand here. */
final class CodedPictureTest extends TestCase
{
    /** Tables, frame and scan, with a stuffed byte and a restart within it. */
    private const CODED = "\xFF\xDB\x00\x04\x01\x02\xFF\xC0\x00\x03\x09\xFF\xDA\x00\x03\x01\x11\xFF\x00\x22\xFF\xD3\x33";

    private static function jpeg(string $before, string $after = ''): string
    {
        return "\xFF\xD8".$before.self::CODED.$after."\xFF\xD9";
    }

    public function testWhatCamerasWriteBesideAJpegIsNoPartOfIt(): void
    {
        $plain = self::jpeg('');
        self::assertSame(hash('sha256', self::CODED), CodedPicture::digest($plain));
        $exif = "\xFF\xE1\x00\x0AExif\0\0ab";
        $comment = "\xFF\xFE\x00\x05abc";
        self::assertSame(CodedPicture::digest($plain), CodedPicture::digest(self::jpeg($exif.$comment, $comment)));
        self::assertSame(CodedPicture::digest($plain), CodedPicture::digest($plain.'a film behind it'));
    }

    public function testOnePixelMoreIsAnother(): void
    {
        self::assertNotSame(
            CodedPicture::digest(self::jpeg('')),
            CodedPicture::digest(str_replace("\x22", "\x23", self::jpeg(''))),
        );
        // How the colours are coded belongs to them.
        self::assertNotSame(CodedPicture::digest(self::jpeg('')), CodedPicture::digest(self::jpeg("\xFF\xEE\x00\x03\x01")));
    }

    public function testTextInAPngOrWebPIsNoPartOfIt(): void
    {
        $chunk = static fn (string $kind, string $data): string => pack('N', \strlen($data)).$kind.$data.'CRC4';
        $png = static fn (string $more): string => "\x89PNG\r\n\x1a\n".$chunk('IHDR', 'head').$more.$chunk('IDAT', 'pixels')
            .$chunk('IEND', '');
        self::assertSame(hash('sha256', 'IHDRheadIDATpixels'), CodedPicture::digest($png('')));
        self::assertSame(CodedPicture::digest($png('')), CodedPicture::digest($png($chunk('tEXt', 'where it was'))));
        $piece = static fn (string $kind, string $data): string => $kind.pack('V', \strlen($data)).$data
            .(1 === \strlen($data) % 2 ? "\0" : '');
        $webp = static fn (string $more): string => 'RIFF0000WEBP'.$piece('VP8 ', 'abc').$more;
        self::assertSame(hash('sha256', 'VP8 abc'), CodedPicture::digest($webp($piece('EXIF', 'place'))));
    }

    public function testWhatCannotBeTakenApartIsTakenWhole(): void
    {
        foreach (["\xFF\xD8\xFF\xDA\x00\x03\x01 breaks off", 'ftypheic of another kind'] as $bytes) {
            self::assertSame(hash('sha256', $bytes), CodedPicture::digest($bytes));
        }
    }

    public function testAPointInTheHeadOfAFilmIsSetToZeroAndNothingMoves(): void
    {
        // ISO 6709, annex H: degrees with decimals, with and without a height.
        foreach (['+27.5916+086.5640+8850/' => '+00.0000+000.0000+0000/', '-90.00-000.00/' => '-00.00-000.00/'] as $point => $none) {
            self::assertSame("moov\0$none mdat", PlaceTakenOut::ofFilm("moov\0$point mdat"));
        }
        self::assertSame('+12.5 mm / -3', PlaceTakenOut::ofFilm('+12.5 mm / -3'));
    }
}
