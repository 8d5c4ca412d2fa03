<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\User;
use App\Intake\CaseFile;
use App\Verdict\SnapshotCheck;
use App\Verdict\Verdict;
use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use Symfony\Component\Process\Process;

/**
 * A shop of an earlier version (tests/dumps) comes up to today's: nothing in it is lost, every page of every case opens, and
 * what was signed is shown as it was signed.
 */
#[SkipDatabaseRollback]
final class OldShopTest extends AppTestCase
{
    private const DATABASE = 'japhrex_old_shop';
    private const PAGES = [
        'intake', 'strip', 'parts', 'readings', 'chain', 'verdict', 'warranty', 'repair', 'build', 'proof', 'report',
        'history', 'photos', 'phone',
    ];

    /** @var array<string, int> rows by table, as they came */
    private static array $before = [];

    /** @var array<string, string> */
    private static array $urls = [];

    public static function setUpBeforeClass(): void
    {
        self::$urls = ['own' => (string) getenv('DATABASE_URL'), 'owner' => (string) getenv('DATABASE_OWNER_URL')];
        $base = (string) preg_replace('/\?.*$/', '', self::$urls['owner']);
        self::does(['psql', '-q', $base, '-c', 'DROP DATABASE IF EXISTS '.self::DATABASE, '-c', 'CREATE DATABASE '.self::DATABASE]);
        self::does(
            [
                'bash',
                '-c',
                'gzip -dc "$1" | psql -qX -v ON_ERROR_STOP=1 "$2" >/dev/null',
                'load',
                \dirname(__DIR__).'/dumps/shop-9660ea7.sql.gz',
                self::at($base),
            ]
        );
        self::$before = self::counts();
        self::does(
            [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', '-n', '-q'],
            ['DATABASE_URL' => self::at(self::$urls['owner']), 'APP_ENV' => 'prod', 'APP_DEBUG' => '0'],
        );
        self::does(['psql', '-qX', '-v', 'ON_ERROR_STOP=1', '-f', 'bin/launcher/grant-app.sql', self::at($base)]);
        self::use(self::at(self::$urls['own']));
    }

    public static function tearDownAfterClass(): void
    {
        self::ensureKernelShutdown();
        self::use(self::$urls['own']);
        self::does(
            [
                'psql',
                '-q',
                (string) preg_replace('/\?.*$/', '', self::$urls['owner']),
                '-c',
                'DROP DATABASE '.self::DATABASE.' WITH (FORCE)',
            ]
        );
    }

    private static function at(string $url): string
    {
        return (string) preg_replace('~/[a-z_0-9]+(\?|$)~', '/'.self::DATABASE.'$1', $url);
    }

    private static function use(string $url): void
    {
        putenv('DATABASE_URL='.$url);
        $_ENV['DATABASE_URL'] = $_SERVER['DATABASE_URL'] = $url;
    }

    /**
     * @param list<string> $command
     * @param array<string, string> $environment
     */
    private static function does(array $command, array $environment = []): void
    {
        (new Process($command, \dirname(__DIR__, 2), $environment, timeout: 300))->mustRun();
    }

    private static function owner(): Connection
    {
        return DriverManager::getConnection((new DsnParser(['postgresql' => 'pdo_pgsql']))->parse(self::at(self::$urls['owner'])));
    }

    /** @return array<string, int> */
    private static function counts(): array
    {
        $counts = [];
        $owner = self::owner();
        foreach (
            $owner->fetchFirstColumn(
                "SELECT tablename FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'doctrine_migration_versions'"
            ) as $table
        ) {
            if (\is_string($table)) {
                $rows = $owner->fetchOne('SELECT count(*) FROM "'.$table.'"');
                $counts[$table] = is_numeric($rows) ? (int) $rows : 0;
            }
        }

        return $counts;
    }

    public function testNothingIsLostAndEveryPageOfEveryCaseOpens(): void
    {
        $now = self::counts();
        foreach (self::$before as $table => $rows) {
            self::assertGreaterThanOrEqual($rows, $now[$table] ?? -1, $table);
        }
        $analyst = self::em()->getRepository(User::class)->findOneBy(['username' => 'analyst']) ?? self::fail('the demo people are there');
        $this->browser->loginUser($analyst);
        $cases = self::em()->getRepository(CaseFile::class)->findAll();
        self::assertCount(20, $cases);
        foreach ($cases as $case) {
            foreach (self::PAGES as $page) {
                $this->browser->request('GET', '/cases/'.$case->number.'/'.$page);
                $status = $this->browser->getResponse()->getStatusCode();
                // What a page says is read only where it should not say it.
                self::assertContains(
                    $status,
                    [200, 301, 302, 303],
                    $status < 400 ? '' : $case->number.'/'.$page.': '.mb_substr($this->said(), 0, 300),
                );
            }
        }
    }

    public function testStepsOfBuildAndProofAreKeptByTheKeysOfTheirBook(): void
    {
        $kept = self::owner()->fetchAllKeyValue(
            "SELECT b.step, count(*) FROM build_record b JOIN case_file c ON c.id = b.case_id WHERE c.family = 'external-gear-pump' "
                .'GROUP BY b.step ORDER BY b.step',
        );
        self::assertArrayHasKey('set-side-clearance', $kept);
        self::assertArrayHasKey('turn-after-set-cover-screws', $kept);
        self::assertArrayHasKey('act-lubrication', $kept);
        self::assertSame([], preg_grep('/^set-\d+$|^turn-after$/', array_keys($kept)) ?: []);
        $proved = self::owner()->fetchFirstColumn(
            'SELECT DISTINCT p.item FROM proof_record p JOIN case_file c ON c.id = p.case_id '
                ."WHERE c.family NOT LIKE 'own-%' AND p.item ~ '^(book|complaint)-[0-9]+$'",
        );
        self::assertSame([], $proved);
    }

    public function testWhatWasSignedIsWhatItWasAndAHalfSignatureIsAskedForAgain(): void
    {
        self::assertSame([], array_filter(iterator_to_array(self::service(SnapshotCheck::class)->check(), false)));
        $half = self::em()->getRepository(Verdict::class)->findOneBy(['revision' => 2]);
        self::assertNotNull($half);
        self::assertFalse($half->awaitsSecond());
        self::assertStringContainsString('kept no digest of what was signed', $half->voided);
        $this->browser->loginUser(self::em()->getRepository(User::class)->findOneBy(['username' => 'second']) ?? self::fail());
        $this->browser->request('GET', '/cases/'.$half->case->number.'/verdict');
        self::assertStringContainsString('The first signature holds no more: that of', $this->said());
        // What was signed under another rule is shown as it was signed, with where today's would differ.
        $this->browser->request('GET', '/cases/OQ-26-0101/readings');
        self::assertStringNotContainsString('Signed as', $this->said());
        $owner = self::owner();
        $owner->executeStatement('SET session_replication_role = replica');
        $owner->executeStatement(
            "UPDATE verdict SET snapshot = replace(snapshot::text, '\"verdict\": \"within\"', '\"verdict\": "
                ."\"undecided\"')::jsonb WHERE case_id = (SELECT id FROM case_file WHERE number = 'OQ-26-0101')"
        );
        // Where the triggers are put aside, nothing says that the case is another.
        $owner->executeStatement("INSERT INTO case_change (case_id) SELECT id FROM case_file WHERE number = 'OQ-26-0101'");
        self::em()->clear();
        foreach (['readings', 'report'] as $page) {
            $this->browser->request('GET', '/cases/OQ-26-0101/'.$page);
            self::assertMatchesRegularExpression(
                '/Signed as undecided|undecided as it was signed; by today.s rule within/',
                $this->said(),
                $page,
            );
        }
    }

    public function testWhoDidItIsFoundByTheNameAsItWasThen(): void
    {
        $people = self::em()->getRepository(User::class);
        $bench = $people->findOneBy(['username' => 'bench']) ?? self::fail();
        $owner = self::owner();
        foreach (['reading', 'finding', 'step_record'] as $table) {
            self::assertSame(
                0,
                $owner->fetchOne(
                    "SELECT count(*) FROM $table WHERE by_whom = ? AND by_person_id IS DISTINCT FROM ?",
                    [$bench->name, $bench->id],
                ),
                $table,
            );
        }
        self::assertSame([['analyst 1', 'analyst 2']], $owner->fetchAllNumeric(
            'SELECT DISTINCT signed_as, second_as FROM verdict WHERE second_at IS NOT NULL'
        ));
    }

    public function testABookOfTheShopThatSaysLessStaysInUseAndItsReadingsAreJudgedPlaceByPlace(): void
    {
        $this->browser->loginUser(self::em()->getRepository(User::class)->findOneBy(['username' => 'analyst']) ?? self::fail());
        $this->browser->request('GET', '/cases/OQ-26-0120/readings');
        $said = $this->said();
        self::assertStringContainsString("outside at 9 o'clock", $said);
        self::assertStringContainsString('open: not read at middle', $said);
        self::assertStringContainsString('place not told', $said);
        $this->browser->request('GET', '/library');
        self::assertResponseIsSuccessful();
    }
}
