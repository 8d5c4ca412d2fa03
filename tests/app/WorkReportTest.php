<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use App\Repair\Build\BuildRecord;
use App\Report\Work\MakeWorkReport;
use App\Report\Work\MakeWorkReportHandler;
use App\Report\Work\WorkReport;
use App\Shop\Verify\Verification;
use Doctrine\DBAL\Exception\DriverException;

/** What happens after the signatures goes into a report of its own, signed by who did it. */
final class WorkReportTest extends SignedCaseTestCase
{
    public function testWorkIsSignedByWhoDidItAndWhatFollowsMakesTheNextReport(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Bench);
        self::assertSame(409, $this->act($case, 'work-report', ['password' => 'quay'], 'report'), 'there is no work yet');
        $build = new BuildRecord($case = $this->fresh($case), 'fit-shaft-seal', $this->person(Role::Bench));
        [$build->withWhom, $build->says] = ['test analyst', ['Lip toward the pressure.']];
        $this->person(Role::Analyst)->certificates = 'Hydraulics fitter, quay guild 118, until 2028';
        self::em()->persist($build);
        self::em()->flush();
        self::assertSame(422, $this->act($case, 'work-report', ['password' => 'not mine'], 'report'));
        self::assertSame(0, self::em()->getRepository(WorkReport::class)->count([]));
        self::assertSame(303, $this->act($case, 'work-report', ['password' => 'quay'], 'work-report'));
        self::assertSame(409, $this->act($case, 'work-report', ['password' => 'quay'], 'report'), 'nothing was done since');
        $first = self::em()->getRepository(WorkReport::class)->findOneBy(['case' => $case->id->toRfc4122()]) ?? self::fail();
        self::assertSame([1, 'test bench'], [$first->ordinal, $first->signedBy?->name]);
        self::assertStringContainsString('Lip toward the pressure.', $first->body);
        self::assertStringContainsString('test bench with test analyst', (string) preg_replace('/\s+/', ' ', $first->body));
        self::assertStringContainsString('quay guild 118', $first->body, 'who looked on, with what he is certified for');
        self::assertStringContainsString('revision 1', $first->body, 'it names the failure report that it follows');

        $case = $this->fresh($case);
        $item = self::service(ProofDesk::class)->sheet($case)[0]->item;
        self::em()->persist(new ProofRecord($case, $item->key, 'missed', 'turned the wrong way', $this->person(Role::Bench)));
        self::em()->flush();
        $page = $this->browser->request('GET', "/cases/{$case->number}/work-report")->text();
        self::assertStringContainsString('Since work report 1 more was done.', $page);
        self::assertStringContainsString(lcfirst($item->title).' (missed)', $page);
        self::assertSame(303, $this->act($case, 'work-report', ['password' => 'quay'], 'work-report'));
        self::assertStringNotContainsString('turned the wrong way', self::em()->find(WorkReport::class, $first->id)->body ?? 'gone');
        $this->signIn(Role::Desk);
        self::assertSame(403, $this->act($case, 'work-report', ['password' => 'quay'], 'report'));
    }

    public function testItsPaperIsMadeOnceAndChangesAreRefusedAndNamed(): void
    {
        $case = $this->signedCase();
        $who = $this->signIn(Role::Bench);
        self::em()->persist($report = new WorkReport($case, 1, $who, '<section><p>Built.</p></section>'));
        self::em()->flush();
        (self::service(MakeWorkReportHandler::class))(new MakeWorkReport($report->id));
        self::em()->refresh($report);
        self::assertNotNull($report->hash, $report->error);
        $this->browser->request('GET', "/work-reports/{$report->id}/{$report->name()}.pdf");
        self::assertResponseIsSuccessful();
        $database = self::em()->getConnection();
        $database->executeStatement('SAVEPOINT before');
        try {
            $database->executeStatement("UPDATE work_report SET body = 'otherwise' WHERE id = ?", [$report->id]);
            self::fail('it was signed');
        } catch (DriverException $error) {
            self::assertStringContainsString('a work report stays as it was signed', $error->getMessage());
        }
        $database->executeStatement('ROLLBACK TO SAVEPOINT before');
        // As the owner of the tables, with the triggers off, it can be done: and is named.
        $wrong = new WorkReport($case, 2, $who, 'as it was');
        $wrong->body = 'otherwise';
        self::em()->persist($wrong);
        self::em()->flush();
        self::assertContains(
            \sprintf('work report 2 of %s: its words are not what was signed', $case->number),
            array_column(self::service(Verification::class)->run()->wrong, 'what'),
        );
    }
}
