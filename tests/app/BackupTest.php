<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Shop\Backup\KeepRule;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** The demo shop is copied away, given back elsewhere, and compared: every row of every table and every file. */
final class BackupTest extends TestCase
{
    private const RESTORED = 'japhrex_restored';

    private static string $folder;
    private static string $owner;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/japhrex-backup-'.bin2hex(random_bytes(4));
        self::$owner = (string) getenv('DATABASE_OWNER_URL');
        mkdir(self::$folder);
        self::must(['age-keygen', '-o', self::$folder.'/key.txt']);
        file_put_contents(self::$folder.'/key.pub', self::must(['age-keygen', '-y', self::$folder.'/key.txt']));
    }

    public static function tearDownAfterClass(): void
    {
        self::must(['psql', '-q', self::plain('postgres'), '-c', 'DROP DATABASE IF EXISTS '.self::RESTORED.' WITH (FORCE)']);
        (new Filesystem())->remove(self::$folder);
    }

    private static function plain(string $database): string
    {
        return (string) preg_replace('~/[a-z_0-9]+\?.*$~', '/'.$database, self::$owner);
    }

    private static function url(string $database): string
    {
        return (string) preg_replace('~/[a-z_0-9]+\?~', '/'.$database.'?', self::$owner);
    }

    /** @param list<string> $command */
    private static function must(array $command): string
    {
        return (new Process($command))->mustRun()->getOutput();
    }

    /** @param list<string> $words */
    private static function console(string $database, string $store, array $words): Process
    {
        $process = new Process(['php', 'bin/console', ...$words], \dirname(__DIR__, 2), [
            'APP_ENV' => 'prod', 'APP_DEBUG' => '0', 'APP_SECRET' => 'kept with it', 'DATABASE_URL' => self::url($database),
            'DATABASE_OWNER_URL' => self::url($database), 'JAPHREX_STORE' => $store, 'JAPHREX_BACKUP_KEYS' => self::$folder.'/key.pub',
        ], timeout: 300);
        $process->run();

        return $process;
    }

    private static function demoStore(): string
    {
        return (string) getenv('DEMO_JAPHREX_STORE');
    }

    private static function backUp(): Process
    {
        return self::console('japhrex_demo', self::demoStore(), ['app:backup', self::$folder.'/kept']);
    }

    /** @return array<string, string> digest of all rows by table; log-ins that were open and wrong passwords are not kept */
    private static function rows(string $database): array
    {
        $connection = DriverManager::getConnection((new DsnParser(['postgresql' => 'pdo_pgsql']))->parse(self::url($database)));
        $rows = [];
        foreach ($connection->fetchFirstColumn("SELECT tablename FROM pg_tables WHERE schemaname = 'public' ORDER BY 1") as $table) {
            $rows[(string) $table] = (string) $connection->fetchOne(
                "SELECT count(*) || ' ' || coalesce(md5(string_agg(md5(t::text), '' ORDER BY md5(t::text))), '') FROM $table t",
            );
        }
        $connection->close();

        return array_diff_key($rows, ['sessions' => 1, 'login_attempt' => 1]);
    }

    /** @return array<string, string> digest by path */
    private static function files(string $store): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($store, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = substr((string) $file, \strlen($store) + 1);
            if (!str_starts_with($path, 'derived/') && 'backed-up.json' !== $path) {
                $files[$path] = (string) hash_file('sha256', (string) $file);
            }
        }
        ksort($files);

        return $files;
    }

    public function testWhatComesBackIsWhatWasThereToTheLastRowAndByte(): void
    {
        $first = self::backUp();
        self::assertSame(0, $first->getExitCode(), $first->getOutput().$first->getErrorOutput());
        [$rows, $files] = [self::rows('japhrex_demo'), self::files(self::demoStore())];
        self::assertGreaterThan(80, \count($files));
        $again = self::backUp();
        self::assertStringContainsString(' 0 of them new', $again->getOutput(), 'files are copied once');
        self::must(['psql', '-q', self::plain('postgres'), '-c', 'CREATE DATABASE '.self::RESTORED]);
        $store = self::$folder.'/store';
        $words = ['app:restore', self::$folder.'/kept', '--key', self::$folder.'/key.txt', '--secret', self::$folder.'/secret'];
        $back = self::console(self::RESTORED, $store, $words);
        self::assertSame(0, $back->getExitCode(), $back->getOutput().$back->getErrorOutput());
        self::assertSame($rows, self::rows(self::RESTORED));
        self::assertSame($files, self::files($store));
        self::assertSame('kept with it', file_get_contents(self::$folder.'/secret'));
        $twice = self::console(self::RESTORED, $store, $words);
        self::assertSame(1, $twice->getExitCode());
        self::assertStringContainsString('is not empty', $twice->getOutput());
        $this->aPhotoThatIsLostComesBackByItsHash($store);
    }

    private function aPhotoThatIsLostComesBackByItsHash(string $store): void
    {
        $photo = (string) array_key_first(array_filter(
            self::files($store),
            static fn (string $path): bool => str_starts_with($path, 'photos/'),
            \ARRAY_FILTER_USE_KEY,
        ));
        file_put_contents($store.'/'.$photo, 'damaged');
        $mended = self::console(self::RESTORED, $store, [
            'app:restore', self::$folder.'/kept', '--key', self::$folder.'/key.txt', '--file', basename($photo),
        ]);
        self::assertSame("Put back: $photo\n", $mended->getOutput());
        self::assertSame(basename($photo), hash_file('sha256', $store.'/'.$photo));
    }

    public function testNobodyReadsItWithoutTheKeyAndWhatWasChangedInItIsNotGivenBack(): void
    {
        self::assertSame(0, self::backUp()->getExitCode());
        $check = static fn (string $key): Process => self::console('japhrex_demo', self::$folder.'/none', [
            'app:restore', self::$folder.'/kept', '--check', '--key', self::$folder.'/'.$key,
        ]);
        self::assertSame(0, $check('key.txt')->getExitCode());
        self::must(['age-keygen', '-o', self::$folder.'/other.txt']);
        self::assertSame(1, $check('other.txt')->getExitCode());
        $readable = new Process(['grep', '-rlaE', 'Ostrey|PGDMP|JFIF', '--include=*.age', self::$folder.'/kept']);
        $readable->run();
        self::assertSame('', $readable->getOutput(), 'nothing in it is in the clear');
        $dumps = glob(self::$folder.'/kept/*/database.age') ?: [];
        $newest = (string) end($dumps);
        file_put_contents($newest, 'x', \FILE_APPEND);
        $damaged = $check('key.txt');
        self::assertSame(1, $damaged->getExitCode());
        self::assertStringContainsString('does not fit its digest', $damaged->getOutput());
    }

    public function testSevenDaysFiveWeeksAndTwelveMonthsAreKept(): void
    {
        // One every night for a year and a half, to a Tuesday; by the calendar.
        $nights = [];
        for ($i = 0; $i < 550; ++$i) {
            $nights[] = (new \DateTimeImmutable('2026-12-01 03:00 UTC'))->modify("-$i days");
        }
        self::assertSame(
            [
                '2026-12-01', '2026-11-30', '2026-11-29', '2026-11-28', '2026-11-27', '2026-11-26', '2026-11-25',
                '2026-11-22', '2026-11-15', '2026-11-08',
                '2026-10-31', '2026-09-30', '2026-08-31', '2026-07-31', '2026-06-30', '2026-05-31',
                '2026-04-30', '2026-03-31', '2026-02-28', '2026-01-31',
            ],
            array_map(static fn (\DateTimeImmutable $at): string => $at->format('Y-m-d'), KeepRule::kept($nights)),
        );
    }
}
