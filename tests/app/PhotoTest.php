<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Mark;
use App\Evidence\NotAPicture;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use League\Flysystem\Filesystem;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnableToWriteFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class PhotoTest extends AppTestCase
{
    private const PHOTO = __DIR__.'/../../demo/photos/block-good.jpg';

    /** @var list<string> */
    private array $made = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), array_filter($this->made, is_file(...)));
        parent::tearDown();
    }

    private function file(string $content): string
    {
        $this->made[] = $file = (string) tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($file, $content);

        return $file;
    }

    private static function take(CaseFile $case, string $file, string $name = 'a.jpg'): Photo
    {
        return self::service(PhotoIntake::class)->take($file, $name, $case, 'body', PhotoStage::AsFound);
    }

    public function testAPhotoIsStoredByteForByteUnderItsHash(): void
    {
        $photo = self::take($this->aCase(), self::PHOTO, 'C:\\cards\\block.jpg');
        $hash = hash_file('sha256', self::PHOTO);
        self::assertSame($hash, $photo->picture->hash);
        self::assertSame('block.jpg', $photo->originalName);
        self::assertSame([1600, 1200, 'image/jpeg'], [$photo->picture->width, $photo->picture->height, $photo->picture->type]);
        self::assertSame(
            file_get_contents(self::PHOTO),
            stream_get_contents(self::service(StoredFiles::class)->open('photos', (string) $hash)),
        );
    }

    public function testTheSameFileTwiceIsOnePhotoAlsoUnderAnotherName(): void
    {
        $case = $this->aCase();
        self::assertSame(self::take($case, self::PHOTO), self::take($case, self::PHOTO, 'again.png'));
        self::assertSame(self::take($this->aCase(), self::PHOTO)->picture, self::take($case, self::PHOTO)->picture);
    }

    /** @return iterable<string, array{string, string, string}> content, name, what is said */
    public static function badFiles(): iterable
    {
        $photo = (string) file_get_contents(self::PHOTO);
        yield 'empty' => ['', 'empty.jpg', '0 bytes'];
        yield 'cut off' => [substr($photo, 0, 60000), 'cut.jpg', 'breaks off'];
        yield 'cut off in its head' => [substr($photo, 0, 40), 'cut.jpg', 'breaks off'];
        yield 'a page called jpg' => ['<!doctype html><script>alert(1)</script>', 'page.jpg', 'not a photo'];
        yield 'a drawing with a script' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            'drawing.png',
            'not a photo',
        ];
        yield 'an archive' => ["PK\x03\x04".str_repeat("\0", 200), 'photos.jpg', 'not a photo'];
        yield 'a script' => ['<?php system("id");', 'shell.php.jpg', 'not a photo'];
        // A PNG that says in its head that it is 20000 × 10000 pixels.
        yield '200 megapixels' => [
            "\x89PNG\r\n\x1a\n".pack('N', 13).(
                $head = 'IHDR'.pack('NNC5', 20000, 10000, 8, 2, 0, 0, 0)
            ).pack('N', crc32($head)).pack('N', 0).'IDAT'.pack('N', crc32('IDAT')),
            'huge.png',
            '200 megapixels',
        ];
    }

    #[DataProvider('badFiles')]
    public function testAFileThatIsNoPhotoIsRefusedInTheShopsWords(string $content, string $name, string $says): void
    {
        $case = $this->aCase();
        $file = $this->file($content);
        try {
            self::take($case, $file, $name);
            self::fail('It was taken.');
        } catch (NotAPicture $error) {
            self::assertStringContainsString($says, $error->getMessage());
        }
        self::assertSame(0, self::em()->getRepository(Photo::class)->count(['case' => $case]));
    }

    public function testAFilePastTheLimitIsRefused(): void
    {
        $file = $this->file('');
        $handle = fopen($file, 'r+');
        self::assertNotFalse($handle);
        ftruncate($handle, 60000001);
        $this->expectExceptionMessage('larger than 60 MB');
        self::take($this->aCase(), $file);
    }

    public function testAGoodPhotoBesideABadOneIsKept(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $token = $this->token('/cases/'.$case->number.'/parts/body');
        copy(self::PHOTO, $good = $this->file(''));
        $this->browser->request(
            'POST',
            '/cases/'.$case->number.'/photos',
            ['_token' => $token, 'part' => 'body', 'stage' => 'cleaned'],
            ['photos' => [new UploadedFile($good, 'good.jpg', test: true), new UploadedFile($this->file('no'), 'bad.jpg', test: true)]],
            ['HTTP_ACCEPT' => 'application/json'],
        );
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        /** @var array{taken: list<string>, refused: list<array{name: string, message: string}>} $answer */
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertCount(1, $answer['taken']);
        self::assertSame('bad.jpg', $answer['refused'][0]['name']);
    }

    public function testAFullDiskLosesNothingAndSaysSo(): void
    {
        $folder = sys_get_temp_dir().'/japhrex-full-'.bin2hex(random_bytes(4));
        $full = new class($folder) extends LocalFilesystemAdapter {
            public function writeStream(string $path, $contents, \League\Flysystem\Config $config): void
            {
                throw UnableToWriteFile::atLocation($path, 'No space left on device');
            }
        };
        $stored = new StoredFiles(new Filesystem($full));
        try {
            $stored->keep('photos', self::PHOTO);
            self::fail('It was stored.');
        } catch (ShopError $error) {
            self::assertSame(507, $error->status);
            self::assertStringContainsString('keep it on the phone or card', $error->getMessage());
        }
        self::assertFalse($stored->has('photos', (string) hash_file('sha256', self::PHOTO)));
        rmdir($folder);
    }

    public function testWhatWasUploadedIsOnlyEverServedAsADownloadOrAsOurOwnPicture(): void
    {
        $case = $this->aCase();
        $photo = self::take($case, self::PHOTO, 'x.html');
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/pictures/'.$photo->id.'/original');
        $headers = $this->browser->getResponse()->headers;
        self::assertSame('application/octet-stream', $headers->get('Content-Type'));
        self::assertStringStartsWith('attachment; filename='.$case->number.'-body-', (string) $headers->get('Content-Disposition'));
        self::assertStringEndsWith('.jpg', (string) $headers->get('Content-Disposition'));
        $this->browser->request('GET', '/pictures/'.$photo->id.'/480.jpg');
        self::assertSame('image/jpeg', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertSame(
            [480, 360],
            \array_slice((array) getimagesizefromstring($this->browser->getInternalResponse()->getContent()), 0, 2),
        );
    }

    public function testMarksAreDataOverTheUntouchedPicture(): void
    {
        $case = $this->aCase();
        $photo = self::take($case, self::PHOTO);
        $this->signIn(Role::Bench);
        $page = 'photos/'.$photo->id;
        self::assertSame(
            303,
            $this->act(
                $case,
                $page.'/marks',
                ['shape' => 'box', 'points' => '[[0.1,0.1],[0.4,0.5]]', 'mode' => 'scoring', 'grade' => '3', 'note' => 'rings'],
                $page,
            ),
        );
        $mark = self::em()->getRepository(Mark::class)->findOneBy(['photo' => $photo]);
        self::assertSame([[0.1, 0.1], [0.4, 0.5]], $mark?->points);
        self::assertSame('scoring', $mark->mode);
        self::assertSame(
            422,
            $this->act($case, $page.'/marks', ['shape' => 'box', 'points' => '[[0.1,0.1],[9,0.5]]', 'grade' => '3'], $page),
        );
        self::assertStringContainsString('lies on its picture', $this->said());
        self::assertTrue(self::service(StoredFiles::class)->has('photos', (string) hash_file('sha256', self::PHOTO)));
    }
}
