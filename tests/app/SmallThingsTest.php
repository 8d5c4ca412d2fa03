<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Evidence\NotAPicture;
use App\Evidence\Vips;
use App\Measuring\Gauge;
use App\Measuring\ReadingEntry;
use App\Platform\AssetVersion;
use App\Platform\Axis;
use App\Platform\CsrfSeed;
use App\Platform\Seen;
use App\Platform\ShopTwig;
use App\Platform\Tool;
use App\Platform\ToolFailed;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FieldReadings;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Session\Session;
use Symfony\Component\HttpFoundation\Session\Storage\MockArraySessionStorage;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManager;

/** Services that need neither kernel nor database. */
final class SmallThingsTest extends TestCase
{
    private const PHOTO = __DIR__.'/../../demo/photos/block-good.jpg';

    private static function field(Method $method = Method::Reading): Field
    {
        $mm = static fn (float $value): Quantity => Quantity::of($value, 'mm', Dimension::Length);

        return new Field(
            'width',
            'Width',
            Dimension::Length,
            $method,
            [new LimitSet('book', new Limits($mm(26), $mm(25.965), null), 'sample', true)],
            '',
            [],
            '',
            '',
        );
    }

    private static function entry(string $text, string $zero = '', ?Gauge $gauge = null, Method $method = Method::Reading): ReadingEntry
    {
        return ReadingEntry::of(self::field($method), [$text], $zero, $gauge, '');
    }

    public function testAnAxisHasItsNumbersAtRoundOnes(): void
    {
        $around = static fn (float $low, float $high): array => Axis::around($low, $high)->ticks;
        self::assertSame([20.0, 25.0, 30.0, 35.0, 40.0, 45.0], $around(20.5, 44.6));
        self::assertSame([0.0, 50.0, 100.0, 150.0], $around(0.0, 140.0));
        self::assertSame(['0', '0.02', '0.04', '0.06'], array_map(Axis::say(...), $around(0.0, 0.06)));
        self::assertSame(['−20', '−10', '0', '10', '20'], array_map(Axis::say(...), $around(-18.0, 12.0)));
        self::assertSame([1500.0, 1550.0], [$around(1500.0, 1500.0)[0], $around(1500.0, 1500.0)[1]], 'what does not change has an axis');
        $run = Axis::between(0.0, 3.9);
        self::assertSame([[0.0, 1.0, 2.0, 3.0], 0.5], [$run->ticks, $run->share(1.95)], 'a run ends where it ends');
    }

    public function testAUnitTypedLastGoesForAllBeforeIt(): void
    {
        self::assertSame(['25.98 mm', '25.97 mm', '1.0231 in'], self::entry('25.98; 25.97 mm; 1.0231 in')->typed);
        self::assertSame(['1 1/32 "', '1.02"'], self::entry('1 1/32; 1.02"')->typed);
        self::assertSame([], self::entry('  ;; ')->typed);
    }

    public function testWithoutAGaugeTheStepsTypedAreItsResolution(): void
    {
        $judged = FieldReadings::typed(self::field(), ['25.98 mm'])->sizes()[0]->size;
        // Two decimals: 0.01 mm, u = 0.01/√12.
        self::assertEqualsWithDelta(0.01e-3 / sqrt(12), $judged->u, 1e-12);
    }

    public function testAGaugeForAngleDoesNotMeasureALength(): void
    {
        self::assertArrayHasKey(
            'gauge',
            self::entry('25.98 mm', '', new Gauge('Protractor', Method::Reading, '0.1 deg', '', null))->errors,
        );
        self::assertArrayHasKey('zero', self::entry('25.98 mm', 'much')->errors);
        self::assertSame(
            [],
            self::entry('25.98 mm', '0.001 mm', new Gauge('Micrometer', Method::Reading, '0.001 mm', '0.003 mm', null))->errors,
        );
    }

    public function testSixtyReadingsAreTheMost(): void
    {
        self::assertArrayHasKey('readings', self::entry(str_repeat('25.98 mm; ', 61))->errors);
    }

    public function testSeenTellsAStaleFormFromAnOwnChange(): void
    {
        self::assertNull(Seen::conflict('a', 'a', 'b'));
        self::assertNull(Seen::conflict('a', 'b', 'b'));
        self::assertNull(Seen::conflict("a\r\nb", "a\nb", 'c'));
        self::assertStringContainsString('bench 2 saved “b”; you typed “nothing”', (string) Seen::conflict('a', 'b', '', 'bench 2'));
    }

    /** @return iterable<string, array{string, string}> how libvips writes it, what it is */
    public static function formats(): iterable
    {
        yield 'PNG' => ['png', 'image/png'];
        yield 'WebP' => ['webp', 'image/webp'];
        yield 'HEIC' => ['heic', 'image/heic'];
    }

    #[DataProvider('formats')]
    public function testPhotosComeInTheFormatsThatCamerasWrite(string $format, string $type): void
    {
        $tool = new Tool();
        $vips = new Vips($tool);
        $file = sys_get_temp_dir().'/japhrex-test-'.bin2hex(random_bytes(4)).'.'.$format;
        $small = $file.'.jpg';
        try {
            $tool->run(['vips', 'thumbnail', self::PHOTO, $file, '300']);
            $facts = $vips->inspect($file);
            self::assertSame([$type, 300, 225], [$facts->type, $facts->width, $facts->height]);
            $vips->derive($file, 120, $small);
            self::assertSame([120, 90], \array_slice((array) getimagesize($small), 0, 2));
        } finally {
            array_map(static fn (string $made): bool => !is_file($made) || unlink($made), [$file, $small]);
        }
    }

    public function testAPictureTakenUprightIsShownUpright(): void
    {
        $vips = new Vips(new Tool());
        $file = sys_get_temp_dir().'/japhrex-test-'.bin2hex(random_bytes(4)).'.jpg';
        // A JPEG whose EXIF says "turned by 90°": orientation 6, and when it was taken.
        $tiff = "II*\0".pack('V', 8).pack('v', 2).pack('vvVvv', 0x0112, 3, 1, 6, 0).pack('vvVV', 0x8769, 4, 1, 38).pack('V', 0)
            .pack('v', 1).pack('vvVV', 0x9003, 2, 20, 56).pack('V', 0)."2026:11:20 09:41:07\0";
        $exif = "Exif\0\0".$tiff;
        $plain = self::shrunk();
        file_put_contents($file, "\xff\xd8\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($plain, 2));
        try {
            $facts = $vips->inspect($file);
            self::assertSame([225, 300, '2026:11:20 09:41:07'], [$facts->width, $facts->height, $facts->takenAt]);
            $vips->derive($file, 100, $file.'.out.jpg');
            self::assertSame([75, 100], \array_slice((array) getimagesize($file.'.out.jpg'), 0, 2));
        } finally {
            array_map(static fn (string $made): bool => !is_file($made) || unlink($made), [$file, $file.'.out.jpg']);
        }
    }

    private static function shrunk(): string
    {
        $file = sys_get_temp_dir().'/japhrex-test-'.bin2hex(random_bytes(4)).'.jpg';
        (new Tool())->run(['vips', 'thumbnail', self::PHOTO, $file.'[strip]', '300']);
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    public function testAnImageOfAnotherKindIsRefusedBeforeAnyReaderTouchesIt(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'gif');
        file_put_contents($file, base64_decode('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7', true));
        $this->expectException(NotAPicture::class);
        try {
            (new Vips(new Tool()))->inspect($file);
        } finally {
            unlink($file);
        }
    }

    public function testAProgramThatFailsOrHangsIsAnErrorWithItsOwnWords(): void
    {
        try {
            (new Tool())->run(['sh', '-c', 'echo no such lens >&2; exit 3']);
            self::fail('It went well.');
        } catch (ToolFailed $error) {
            self::assertSame('no such lens', $error->getMessage());
        }
        $this->expectExceptionMessage('took longer than 1 s');
        (new Tool())->run(['sleep', '5'], seconds: 1);
    }

    public function testAProgramThatWantsMoreThanItsLimitsEnds(): void
    {
        $file = sys_get_temp_dir().'/tool-'.bin2hex(random_bytes(4));
        $tool = new Tool('prlimit --fsize=1000 --core=0');
        try {
            $tool->run(['sh', '-c', 'head -c 900 /dev/zero >"$0"', $file]);
            self::assertSame(900, filesize($file), 'within them it works');
            $this->expectException(ToolFailed::class);
            $tool->run(['sh', '-c', 'head -c 5000 /dev/zero >"$0"', $file]);
        } finally {
            unlink($file);
        }
    }

    public function testTimesAndSizesAreWrittenAsTheShopSaysThem(): void
    {
        $twig = new ShopTwig();
        self::assertSame(
            ['just now', '5 min', '3 h', '12 d'],
            array_map(
                static fn (string $since): string => $twig->age(new \DateTimeImmutable($since)),
                ['-3 seconds', '-5 minutes', '-3 hours -5 minutes', '-12 days -1 hour'],
            ),
        );
        self::assertSame(['1 kB', '195 kB', '1.6 MB'], array_map($twig->bytes(...), [12, 195009, 1597603]));
        self::assertSame('', $twig->cut(null));
    }

    public function testAChangedFileGetsANewAddress(): void
    {
        $folder = sys_get_temp_dir().'/japhrex-assets-'.bin2hex(random_bytes(4));
        mkdir($folder.'/assets/styles', recursive: true);
        touch($folder.'/assets/styles/a.css', 1000);
        $before = (new AssetVersion($folder))->applyVersion('styles/a.css');
        self::assertMatchesRegularExpression('~^v-[0-9a-f]{8}/styles/a\.css$~', $before);
        self::assertSame($before, (new AssetVersion($folder))->applyVersion('styles/a.css'));
        touch($folder.'/assets/styles/a.css', 1001);
        clearstatcache();
        self::assertNotSame($before, (new AssetVersion($folder))->applyVersion('styles/a.css'));
        unlink($folder.'/assets/styles/a.css');
        rmdir($folder.'/assets/styles');
        rmdir($folder.'/assets');
        rmdir($folder);
    }

    public function testAFormShownMeanwhileOutlivesARequestThatWritesItsOlderSessionBack(): void
    {
        [$session, $requests] = [new Session(new MockArraySessionStorage()), new RequestStack()];
        $requests->push($request = new Request());
        $request->setSession($session);
        $tokens = new CsrfTokenManager(null, new CsrfSeed($requests), '');
        $tokens->getToken('before');
        $older = $session->all();
        $token = $tokens->getToken('meanwhile');
        $session->replace($older);
        self::assertTrue($tokens->isTokenValid($token));
        self::assertFalse($tokens->isTokenValid(new CsrfToken('another form', $token->getValue())));
        (new CsrfSeed($requests))->clear();
        self::assertFalse($tokens->isTokenValid($token), 'somebody else signed in');
    }
}
