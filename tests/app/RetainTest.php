<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\AuditEntry;
use App\Account\Role;
use App\Intake\CaseFile;
use App\Intake\SourceKind;
use App\Intake\Statement;
use App\Platform\Mismatch;
use App\Shop\Retain\TakePeopleOut;
use App\Shop\Verify\Verification;
use App\Verdict\Signing;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** After the years the names of people go out of a case; what was found, and the digests of what was signed, stay. */
final class RetainTest extends SignedCaseTestCase
{
    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    private function oldCase(): CaseFile
    {
        Clock::set(new MockClock('-11 years'));
        $case = $this->signedCase();
        Clock::set(new NativeClock());
        $said = new Statement($case);
        $said->toldBy('Per Hove', SourceKind::FirstHand, 'Per Hove drove it until it stood; the driver of Fish quay knew.');
        self::em()->persist($said);
        self::em()->flush();

        return $this->fresh($case);
    }

    /** @return string all that the database holds of a case, but for what is remembered of it */
    private function told(CaseFile $case): string
    {
        $database = self::em()->getConnection();
        $all = '';
        $tables = $database->fetchFirstColumn(
            "SELECT table_name FROM information_schema.columns
                WHERE column_name = 'case_id' AND table_schema = 'public' AND table_name !~ '^memory_'",
        );
        foreach ($tables as $table) {
            $rows = $database->fetchFirstColumn("SELECT to_jsonb(t)::text FROM $table t WHERE case_id = ?", [(string) $case->id]);
            $all .= implode('', $rows);
        }

        return $all.$database->fetchOne('SELECT to_jsonb(c)::text FROM case_file c WHERE id = ?', [(string) $case->id]);
    }

    public function testNamesGoAndDigestsFindsAndWordsStay(): void
    {
        $case = $this->oldCase();
        $names = ['Fish quay', 'Per Hove', 'test analyst', 'test second'];
        foreach ($names as $name) {
            self::assertStringContainsString($name, $this->told($case), 'the test has something to find');
        }
        $was = self::service(Signing::class)->current($case);
        [$digest, $report] = [$was->snapshotHash, $was->reportHash];
        $people = $this->person(Role::Analyst, 'third');
        self::service(TakePeopleOut::class)($case, $people);

        $case = $this->fresh($case);
        $told = $this->told($case);
        foreach ($names as $name) {
            self::assertStringNotContainsString($name, $told);
        }
        $verdict = self::service(Signing::class)->current($case);
        self::assertSame([$digest, $report], [$verdict->snapshotHash, $verdict->reportHash]);
        self::assertStringContainsString('Dirt came in.', $told);
        self::assertStringContainsString('19.98 mm', $told);
        self::assertMatchesRegularExpression('/person \d+ drove it until it stood; the driver of person \d+ knew/', $told);
        $wrong = array_map(static fn (Mismatch $one): string => $one->what, self::service(Verification::class)->run()->wrong);
        self::assertSame([], array_values(array_filter($wrong, static fn (string $one): bool => str_contains($one, $case->number))));

        $this->signIn(Role::Analyst);
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/report')->text();
        self::assertStringContainsString('The names of people were taken out', $page);
        self::assertStringContainsString((string) $digest, $page);
        $trail = self::em()->getRepository(AuditEntry::class)->findBy(['caseId' => $case->id, 'field' => 'peopleOutAt']);
        self::assertCount(1, $trail, 'who did it stands in the trail');
        $this->expectExceptionMessage('evidence of a signed case stays as it was signed');
        self::em()->getConnection()->executeStatement('UPDATE finding SET grade = 1 WHERE case_id = ?', [(string) $case->id]);
    }

    public function testACaseOfLastYearKeepsItsNamesAndNobodyTakesThemOutByASlip(): void
    {
        $case = $this->signedCase();
        $old = $this->oldCase();
        $this->signIn(Role::Analyst);
        $page = $this->browser->request('GET', '/names')->text();
        self::assertStringContainsString($old->number, $page);
        self::assertStringNotContainsString($case->number, $page);
        $token = $this->token('/names');
        foreach ([[$old, 'yes', 422], [$case, $case->number, 409], [$old, $old->number, 303]] as [$of, $typed, $status]) {
            $this->browser->request('POST', '/names/'.$of->number, ['_token' => $token, 'typed' => $typed]);
            self::assertResponseStatusCodeSame($status);
        }
        self::assertStringContainsString('Fish quay', $this->told($this->fresh($case)));
        // The day in the case may be written by the application; what counts is when the two signed.
        $back = "UPDATE case_file SET signed_at = now() - interval '11 years' WHERE id = ?";
        self::em()->getConnection()->executeStatement($back, [(string) $case->id]);
        $this->browser->request('POST', '/names/'.$case->number, ['_token' => $token, 'typed' => $case->number]);
        self::assertResponseStatusCodeSame(409);
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/names');
        self::assertResponseStatusCodeSame(403);
    }

    public function testAWholeYearGoesTogetherAndAYearThatIsNotOverStays(): void
    {
        $old = [$this->oldCase(), $this->oldCase()];
        $new = $this->signedCase();
        $this->signIn(Role::Analyst);
        $page = $this->browser->request('GET', '/names')->text();
        self::assertStringContainsString('All 2 of them that were signed in '.date('Y', (int) strtotime('-11 years')), $page);
        $token = $this->token('/names');
        foreach (['3' => 422, '2' => 303] as $typed => $status) {
            $this->browser->request('POST', '/names', ['_token' => $token, 'typed' => (string) $typed]);
            self::assertResponseStatusCodeSame($status);
        }
        self::assertStringContainsString('out of 2 cases', $this->browser->followRedirect()->text());
        foreach ($old as $case) {
            self::assertStringNotContainsString('Per Hove', $this->told($this->fresh($case)));
        }
        self::assertNull($this->fresh($new)->peopleOutAt);
    }
}
