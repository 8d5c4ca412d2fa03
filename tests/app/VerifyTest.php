<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\CaseFile;
use App\Platform\StoredFiles;
use App\Report\MakeReport;
use App\Report\MakeReportHandler;
use App\Report\Report;
use App\Shop\Verify\Verification;
use App\Verdict\Signing;
use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Tools\DsnParser;
use League\Flysystem\FilesystemOperator;

/** What is signed is kept by the database, and what its owner changes all the same is named by its digest. */
#[SkipDatabaseRollback]
final class VerifyTest extends SignedCaseTestCase
{
    protected function tearDown(): void
    {
        // What was committed here goes again, past every trigger.
        $owner = $this->owner();
        $owner->executeStatement('SET session_replication_role = replica');
        $tables = array_diff(
            $owner->fetchFirstColumn("SELECT tablename FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'shop_settings'"),
            ['doctrine_migration_versions'],
        );
        $owner->executeStatement(
            'TRUNCATE '.implode(
                ', ',
                array_map(static fn (mixed $table): string => \is_string($table) ? '"'.$table.'"' : '', $tables),
            ).' CASCADE'
        );
        self::service(FilesystemOperator::class)->delete('verified.json');
        parent::tearDown();
    }

    private function owner(): Connection
    {
        return DriverManager::getConnection((new DsnParser(['postgresql' => 'pdo_pgsql']))->parse((string) getenv('DATABASE_OWNER_URL')));
    }

    /** @return iterable<string, string> what somebody might do to a signed case, in the database's own words */
    private static function changes(CaseFile $case): iterable
    {
        $of = "case_id = '".$case->id."'";
        yield 'a finding made smaller' => "UPDATE finding SET grade = 1 WHERE $of";
        yield 'a finding removed' => "DELETE FROM finding WHERE $of";
        yield 'a finding added' => "INSERT INTO finding SELECT (jsonb_populate_record(f, jsonb_build_object('id', gen_random_uuid()))).*
            FROM finding f WHERE $of";
        yield 'a reading' => "UPDATE reading SET typed = '[\"19.90 mm\"]' WHERE $of";
        yield 'a link of the chain' => "UPDATE chain_link SET mechanism = 'fatigue' WHERE $of";
        yield 'the complaint' => "UPDATE complaint SET what = 'noise' WHERE $of";
        yield 'the unit' => "UPDATE case_file SET serial = 'S-2' WHERE id = '".$case->id."'";
        yield 'the signatures taken off' => "UPDATE case_file SET signed_at = NULL WHERE id = '".$case->id."'";
        yield 'the verdict' => "UPDATE verdict SET statement = 'It was the maker.' WHERE $of";
        yield 'the document' => "UPDATE verdict SET snapshot = '{}' WHERE $of";
        yield 'an entry of the trail' => "UPDATE audit_entry SET after = '1' WHERE $of";
        yield 'an entry taken out' => "DELETE FROM audit_entry WHERE $of";
        yield 'a head of the trail' => "UPDATE trail_head SET digest = '' WHERE scope = '".$case->id."'";
        yield 'all findings at once' => 'TRUNCATE finding CASCADE';
        yield 'the whole trail' => 'TRUNCATE audit_entry';
        yield 'a trigger switched off' => 'ALTER TABLE finding DISABLE TRIGGER ALL';
    }

    public function testTheApplicationsOwnRoleCannotChangeWhatIsSignedAndWhatTheOwnerChangesIsNamed(): void
    {
        $case = $this->signedCase();
        $report = new Report($case, self::service(Signing::class)->current($case), $this->person(Role::Analyst, 'second'));
        self::em()->persist($report);
        self::em()->flush();
        self::service(MakeReportHandler::class)(new MakeReport($report->id));
        self::assertSame('', $report->error);
        $verification = self::service(Verification::class);
        self::assertSame([], $verification->run()->wrong);
        $app = self::em()->getConnection();
        self::assertFalse($app->fetchOne('SELECT rolsuper FROM pg_roles WHERE rolname = current_user'), 'the application is no superuser');
        foreach (self::changes($case) as $what => $sql) {
            try {
                $app->executeStatement($sql);
                self::fail('refused by the database: '.$what);
            } catch (DriverException $refused) {
                self::assertMatchesRegularExpression(
                    '/stays as it was signed|superseded, never changed|permission denied|must be owner/',
                    $refused->getMessage(),
                    $what,
                );
            }
        }
        self::assertSame([], $verification->run()->wrong, 'nothing got through');

        // Whoever owns the database can do it past the triggers; the digests say so.
        $owner = $this->owner();
        $owner->executeStatement('SET session_replication_role = replica');
        $owner->executeStatement(
            "UPDATE verdict SET snapshot = jsonb_set(snapshot, '{findings,0,grade}', '1') WHERE case_id = ?",
            [(string) $case->id],
        );
        $owner->executeStatement("UPDATE audit_entry SET after = '1' WHERE case_id = ? AND field = 'grade'", [(string) $case->id]);
        $files = self::service(FilesystemOperator::class);
        $path = 'reports/'.substr((string) $report->hash, 0, 2).'/'.$report->hash;
        $files->write($path, '%PDF-1.7 another');
        self::em()->clear();
        $wrong = implode("\n", array_column($verification->run()->wrong, 'what'));
        self::assertStringContainsString($case->number.', revision 1: the document is not what was signed', $wrong);
        self::assertMatchesRegularExpression('/audit trail of '.$case->number.': entry \d+ \(Finding.*, grade\) was changed/', $wrong);
        self::assertStringContainsString('report of '.$case->number.' is damaged', $wrong);
        // It stands on the floor and over the case, and the file is not handed out.
        $this->signIn(Role::Viewer);
        foreach (['/', '/cases/'.$case->number.'/verdict'] as $page) {
            $this->browser->request('GET', $page);
            self::assertStringContainsString('the document is not what was signed', $this->said(), $page);
        }
        $this->browser->request('GET', '/reports/'.$report->id.'/x.pdf');
        self::assertResponseStatusCodeSame(410);
        self::assertStringContainsString('not what it was', $this->said());
        $files->delete($path);
        self::assertFalse(self::service(StoredFiles::class)->has('reports', (string) $report->hash));
    }

    public function testANameCanBeTakenOutAndTheChainStillHolds(): void
    {
        $case = $this->signedCase();
        $this->owner()->executeStatement("UPDATE trail_name SET name = NULL WHERE name = 'test second'");
        self::assertSame([], self::service(Verification::class)->run()->wrong);
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/history');
        self::assertStringContainsString('a person whose name was taken out', $this->said());
    }
}
