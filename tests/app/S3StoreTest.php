<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Platform\ShopError;
use App\Platform\StoreAdapter;
use App\Platform\StoredFiles;
use App\Shop\Backup\BackupPlace;
use App\Shop\Backup\KeptFile;
use App\Shop\Backup\Manifest;
use League\Flysystem\Filesystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The same store in a bucket, against an S3 server of npm that runs here. */
final class S3StoreTest extends TestCase
{
    private const PHOTO = __DIR__.'/../../demo/photos/gear-good.jpg';
    private static ?Process $server = null;
    private static string $where;
    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $port = (int) parse_url('tcp://'.stream_socket_get_name($socket, false), \PHP_URL_PORT);
        fclose($socket);
        self::$folder = sys_get_temp_dir().'/japhrex-s3-'.bin2hex(random_bytes(4));
        mkdir(self::$folder);
        self::$server = new Process(
            [
                'node', __DIR__.'/../../node_modules/s3rver/bin/s3rver.js', '-d', self::$folder, '-a', '127.0.0.1',
                '-p', (string) $port, '--configure-bucket', 'evidence', '-s',
            ]
        );
        self::$server->start();
        for ($i = 0; $i < 100 && false === @fsockopen('127.0.0.1', $port); ++$i) {
            usleep(100_000);
        }
        self::$where = "s3://S3RVER:S3RVER@127.0.0.1:$port/evidence/shop?plain=1";
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->stop(2);
        (new \Symfony\Component\Filesystem\Filesystem())->remove(self::$folder);
    }

    private static function files(): Filesystem
    {
        return new Filesystem(StoreAdapter::of(self::$where), ['retain_visibility' => false]);
    }

    public function testAPhotoComesBackByteForByteAndIsThereOnce(): void
    {
        $stored = new StoredFiles(self::files());
        $hash = $stored->keep('photos', self::PHOTO);
        self::assertSame(hash_file('sha256', self::PHOTO), $hash);
        self::assertSame($hash, $stored->keep('photos', self::PHOTO), 'stored again it is the same');
        self::assertTrue($stored->has('photos', $hash));
        self::assertSame($hash, $stored->hashOf('photos', $hash));
        self::assertSame([$hash], [...$stored->hashes('photos')], 'no draft is left beside it');
        $copy = $stored->copyOut('photos', $hash);
        self::assertFileEquals(self::PHOTO, $copy);
        unlink($copy);
    }

    public function testWhatSomebodyChangedInTheBucketIsSeen(): void
    {
        $stored = new StoredFiles(self::files());
        $hash = $stored->keep('reports', self::PHOTO);
        self::files()->write('reports/'.substr($hash, 0, 2).'/'.$hash, 'changed');
        self::assertNotSame($hash, $stored->hashOf('reports', $hash));
        self::assertFalse($stored->has('reports', str_repeat('0', 64)));
    }

    public function testAStoreThatDoesNotAnswerIsNotTakenForAnEmptyOne(): void
    {
        $stored = new StoredFiles(new Filesystem(StoreAdapter::of('s3://a:b@127.0.0.1:1/evidence?plain=1')));
        try {
            $stored->has('photos', str_repeat('0', 64));
            self::fail('It said that nothing is there.');
        } catch (ShopError $error) {
            self::assertSame(503, $error->status);
        }
        $this->expectExceptionMessage('was not stored');
        $stored->keep('photos', self::PHOTO);
    }

    public function testAnAddressWithoutABucketIsRefusedInWords(): void
    {
        $this->expectExceptionMessage('names no bucket');
        StoreAdapter::of('s3://key:secret@host');
    }

    public function testABackupLiesInABucketAsInAFolder(): void
    {
        $place = new BackupPlace(str_replace('/shop?', '/backup?', self::$where));
        $sealed = self::$folder.'/sealed';
        file_put_contents($sealed, 'sealed');
        $hash = str_repeat('ab', 32);
        $place->putObject($hash, $sealed);
        self::assertSame([$hash => true], $place->objects());
        $at = new \DateTimeImmutable('2026-12-01 03:00 UTC');
        $place->putInto($at, 'database.age', $sealed);
        $place->putManifest(new Manifest($at, 'a version', 'japhrex', ['case_file' => 3], ['photos/ab/'.$hash => new KeptFile($hash, 6)]));
        self::assertSame(['case_file' => 3], $place->manifest()->rows);
        $place->fetchObject($hash, $back = self::$folder.'/back');
        self::assertSame('sealed', file_get_contents($back));
        $place->prune();
        self::assertSame([$hash => true], $place->objects(), 'the newest stays, and what it needs');
    }
}
