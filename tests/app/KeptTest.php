<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Repository\CaseChangeRepository;
use App\Intake\Repository\WholeCase;
use App\Lessons\Lesson;
use App\Measuring\Gauge;
use App\Measuring\Reading;
use App\Verdict\Repository\VerdictRepository;

/** What follows from a case is kept until something changes that it follows from, and not a moment longer (decision 0050). */
final class KeptTest extends SignedCaseTestCase
{
    /** Tables of which nothing is kept: the memory and the trail, what is passing, and what no page of a case shows. */
    private const NOTHING_KEPT = [
        'api_token', 'audit_entry', 'bag_out', 'case_change', 'case_number', 'day_done', 'doctrine_migration_versions', 'gauge_shot',
        'live_lot', 'login_attempt',
        'messenger_messages', 'password_link', 'person', 'phone_pass', 'picture', 'reference', 'saved_ask', 'second_factor',
        'security_event', 'sessions', 'signed_in', 'test_stand', 'trail_head', 'trail_name', 'trail_night', 'undo_step',
    ];

    public function testEveryTableSaysWhenItChangesOrIsNamedAsOneOfWhichNothingIsKept(): void
    {
        $silent = self::em()->getConnection()->fetchFirstColumn(
            "SELECT c.relname FROM pg_class c WHERE c.relkind = 'r' AND c.relnamespace = 'public'::regnamespace AND c.relname !~ '^memory_'
                AND 3 > (SELECT count(*) FROM pg_trigger t WHERE t.tgrelid = c.oid AND t.tgname ~ '^change_(insert|update|delete)$')
                ORDER BY 1",
        );
        self::assertSame([], array_values(array_diff($silent, self::NOTHING_KEPT)));
    }

    public function testAChangeOfTheCaseOfItsSerialOrOfTheShopIsOneAndThatOfAnotherIsNot(): void
    {
        $case = $this->aCase('VG28-1');
        $state = static fn (): string => self::service(CaseChangeRepository::class)->stateOf($case->number);
        $was = $state();
        self::assertSame($was, $state());
        $other = $this->aCase();
        self::em()->persist(new Complaint($other));
        self::em()->flush();
        self::assertSame($was, $state(), 'another case is none of it');
        $changes = [
            'a finding' => static fn () => self::em()->persist(self::clean($case)),
            'one of the same serial' => fn () => $this->aCase('VG28 1'),
            'what the shop has for all' => static fn () => self::em()->persist(new Gauge('outside micrometer', resolution: '0.01 mm')),
        ];
        foreach ($changes as $what => $change) {
            $before = $state();
            $change();
            self::em()->flush();
            self::assertNotSame($before, $state(), $what);
        }
    }

    private static function clean(CaseFile $case, string $note = ''): Finding
    {
        $finding = new Finding($case, 'front-block');
        $finding->lookedClean(null);
        $finding->note = $note;

        return $finding;
    }

    public function testTheFrameOfAPageIsThatOfTheCaseAsItIsNow(): void
    {
        $case = $this->aCase();
        $this->opened($case);
        $this->signIn(Role::Analyst);
        $open = fn (): string => $this->browser->request('GET', '/cases/'.$case->number.'/history')->filter('nav.walk')->text();
        $first = $open();
        self::assertSame($first, $open());
        $other = self::em()->find(CaseFile::class, $case->id);
        self::assertNotNull($other);
        $complaint = new Complaint($other);
        $complaint->what = 'low-flow';
        self::em()->persist($complaint);
        self::em()->flush();
        self::assertNotSame($first, $open(), 'one thing less is to be filled in, and one more to be explained');
    }

    public function testWhatWasRefusedIsNotKept(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $walk = fn (): string => $this->browser->request('GET', '/cases/'.$case->number.'/intake')->filter('nav.walk')->text();
        // Refused: the serial that was typed with it is nowhere, so that intake still misses it on the next page.
        $form = $this->browser->request('GET', '/cases/'.$case->number.'/intake')->filter('form[action$="/intake/unit"]')->form();
        self::em()->getConnection()->executeStatement('INSERT INTO case_change (case_id) VALUES (?)', [(string) $case->id]);
        $this->browser->submit($form, ['unit[serial]' => 'VG28-7', 'unit[serviceSinceNew]' => 'a while']);
        self::assertResponseStatusCodeSame(422);
        $after = $walk();
        self::em()->getConnection()->executeStatement('INSERT INTO case_change (case_id) VALUES (?)', [(string) $case->id]);
        self::assertSame($walk(), $after, 'what is kept is what is worked out anew');
    }

    public function testACaseThatIsReadWholeHasWhatItsTablesHold(): void
    {
        $signed = $this->fresh($this->signedCase());
        $read = self::service(WholeCase::class);
        $whole = $read->read($signed);
        foreach ([Finding::class, PartRecord::class, Reading::class] as $class) {
            $asked = self::em()->getRepository($class)->findBy(['case' => $signed], ['id' => 'ASC']);
            self::assertSame($asked, $read->made($class, $whole[$class]), $class);
        }
        // The same again, each asked for by itself first: every value is what Doctrine makes of its column.
        $plain = static fn (object $one): string => serialize(array_filter(
            (array) $one, static fn (mixed $value): bool => !\is_object($value) || $value instanceof \UnitEnum,
        ));
        self::em()->clear();
        $made = array_map($plain, $read->made(Finding::class, $whole[Finding::class]));
        self::em()->clear();
        $asked = self::em()->getRepository(Finding::class)->findBy(['case' => $signed->id], ['id' => 'ASC']);
        self::assertSame(array_map($plain, $asked), $made);
        self::assertTrue($signed->complaints->count() > 0);
        self::assertArrayNotHasKey(Lesson::class, $whole);
        self::assertNotNull(self::service(VerdictRepository::class)->last($signed)?->snapshot());
    }

    public function testAPartWithFiveHundredFindingsOpensAndShowsTheRestAsOneScrolls(): void
    {
        $case = $this->aCase();
        $this->opened($case);
        $case = $this->fresh($case);
        for ($i = 0; $i < 500; ++$i) {
            self::em()->persist(self::clean($case, 'mark '.$i));
        }
        self::em()->flush();
        $this->signIn(Role::Bench);
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/parts/front-block');
        self::assertResponseIsSuccessful();
        self::assertCount(20, $page->filter('article.finding'));
        self::assertSame('480 more', trim($page->filter('.nextpage')->text()));
        $more = $this->browser->request('GET', $page->filter('.nextpage')->attr('hx-get') ?? '');
        self::assertCount(20, $more->filter('article.finding'));
        self::assertStringContainsString('mark 39', $more->text());
        $change = $this->browser->request('GET', $more->filter('article.finding')->last()->filter('a.button.quiet')->attr('href') ?? '');
        $id = substr((string) $change->filter('.change')->closest('article')?->attr('id'), 8);
        self::assertCount(1, $change->filter('.change form[action$="/findings/'.$id.'"]'));
    }
}
