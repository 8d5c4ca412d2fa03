<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\AuditEntry;
use App\Account\Role;
use App\Account\TrailNames;
use App\Account\User;
use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Claims\Claim;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Frame\CaseFrames;
use App\Measuring\Reading;
use App\Memory\Repository\WarningRepository;
use App\Proof\ProofDesk;
use App\Repair\Build\BuildDesk;
use App\Repair\Offer;
use App\Report\Report;
use App\Report\ReportState;
use App\Teardown\StepRecord;
use App\Teardown\StripBench;
use App\Verdict\Signing;
use App\Verdict\SnapshotCheck;
use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Japhrex\Core\Family\Count;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** The demo as the launcher loads it: written by the actions of people, worked off by the worker, stored and read again. */
#[SkipDatabaseRollback]
final class DemoShopTest extends AppTestCase
{
    /** What only the program needs to know: units of information, names of fields, empty lists, digits that nobody measured. */
    private const INSIDE = '/deciban|\bbits\b|^[a-z]+[A-Z]\w*$|\[\]|\{"|\d\.\d{6,}/';

    /** @var array<string, string> as the other tests have it */
    private static array $own = [];

    public static function setUpBeforeClass(): void
    {
        foreach (['DATABASE_URL', 'JAPHREX_STORE'] as $name) {
            self::$own[$name] = (string) getenv($name);
            self::set($name, getenv('DEMO_'.$name) ?: self::fail('./japhrex test app loads the demo.'));
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::ensureKernelShutdown();
        array_map(self::set(...), array_keys(self::$own), self::$own);
    }

    private static function set(string $name, string $value): void
    {
        putenv($name.'='.$value);
        $_ENV[$name] = $_SERVER[$name] = $value;
    }

    /** @return list<CaseFile> those that are told one by one */
    private static function cases(): array
    {
        return array_values(array_filter(self::all(), static fn (CaseFile $case): bool => 1 === preg_match('/-01\d\d$/', $case->number)));
    }

    /** @return list<CaseFile> with those of earlier years */
    private static function all(): array
    {
        return self::em()->getRepository(CaseFile::class)->findBy([], ['number' => 'ASC']);
    }

    /** @return list<CaseFile> of the earlier years, one of each family */
    private static function earlier(): array
    {
        $one = [];
        foreach (self::all() as $case) {
            $one[$case->family] ??= 1 === preg_match('/-1\d\d\d$/', $case->number) ? $case : null;
        }

        return array_values(array_filter($one));
    }

    public function testTheYearsBeforeHaveClosedCasesThatCameBackNowAndThen(): void
    {
        $earlier = array_filter(self::all(), static fn (CaseFile $case): bool => 1 === preg_match('/-1\d\d\d$/', $case->number));
        self::assertCount(240, $earlier);
        $back = array_filter($earlier, static fn (CaseFile $case): bool => null !== $case->comebackOf);
        self::assertGreaterThan(8, \count($back));
        foreach ($back as $case) {
            self::assertSame($case->serialKey, $case->comebackOf?->serialKey);
            self::assertGreaterThan($case->comebackOf->signedAt, $case->madeAt);
        }
        self::assertSame([], array_filter($earlier, static fn (CaseFile $case): bool => !$case->isSigned()));
        foreach (self::earlier() as $case) {
            self::assertSame([], self::service(CaseChain::class)->problems($case), $case->number.' was signed with its chain closed');
            self::assertSame([], self::service(CaseFrames::class)->frameOf($case)->unopened(), $case->number);
        }
    }

    /** A batch of seals that tears is told, and nothing else: what the quarry's tank does it has always done. */
    public function testTheYearsBeforeWarnOfTheSealsThatTear(): void
    {
        $warnings = self::service(WarningRepository::class)->open();
        self::assertNotSame([], $warnings);
        foreach ($warnings as $one) {
            self::assertContains($one->thing, ['defect', 'shaft-seal', 'front-cover'], $one->value);
        }
        $this->browser->loginUser(self::em()->getRepository(User::class)->findOneBy(['role' => Role::Analyst]) ?? self::fail());
        self::assertStringContainsString('in the last year', $this->browser->request('GET', '/')->filter('main')->text());
        $id = (string) $warnings[0]->id;
        $settle = function (string $reason) use ($id): int {
            $page = $this->browser->request('GET', '/warnings');
            $this->browser->request('POST', '/warnings/'.$id, [
                '_token' => $page->filter('input[name=_token]')->first()->attr('value'), 'reason' => $reason, 'as' => 'take',
            ]);

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame([422, 303], [$settle(''), $settle('The supplier is written to.')]);
        $told = $this->browser->request('GET', '/warnings')->filter('main')->text();
        self::assertStringContainsString('The supplier is written to.', $told);
    }

    public function testItGoesIntoAnEmptyDatabaseOnly(): void
    {
        $command = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('app:demo'));
        self::assertSame([1, 0], [$command->execute([]), $command->execute(['--if-empty' => true])]);
    }

    public function testThereIsACaseInEveryFamilyAndAtEveryStage(): void
    {
        $cases = self::cases();
        self::assertCount(20, $cases);
        self::assertCount(
            14,
            array_unique(array_map(static fn (CaseFile $case): string => $case->family, $cases)),
            'the twelve families, the gear pump single and stacked, the vane pump dry and in oil',
        );
        [$finished, $comeback, $stuck, $new] = $cases;
        $frames = self::service(CaseFrames::class);
        self::assertTrue($finished->isSigned());
        self::assertSame([], self::service(CaseChain::class)->problems($finished), 'the finished chain is closed');
        $walk = $frames->frameOf($finished)->walk();
        self::assertSame(0, array_sum(array_column($walk, 'open')) - $walk['report']->open);
        self::assertSame($finished, $comeback->comebackOf);
        $run = self::service(StripBench::class)->run($stuck, self::service(BookShelf::class)->book($stuck->family));
        self::assertSame('rear-cover', $run->next()?->step->key);
        self::assertSame('intake', $frames->frameOf($new)->stands());
    }

    public function testWhatWasSignedIsReadAgainAsItWasSignedAndItsPapersAreMade(): void
    {
        self::assertSame([], array_filter(iterator_to_array(self::service(SnapshotCheck::class)->check(), false)));
        self::assertCount(5, self::em()->getRepository(Report::class)->findBy(['state' => ReportState::Ready]));
    }

    public function testTheHistoryNamesWhoDidIt(): void
    {
        $case = self::cases()[0];
        $names = [];
        foreach (self::em()->getRepository(AuditEntry::class)->findBy(['caseId' => $case->id], ['id' => 'ASC']) as $entry) {
            $names[explode(' ', $entry->what)[0]][self::service(TrailNames::class)->shown($entry->who)] = true;
        }
        self::assertSame(['service desk', 'bench 2', 'analyst 1', 'analyst 2'], array_keys($names['Case'] ?? []), 'taken in, and moved on');
        self::assertSame(['bench 2'], array_keys($names['Reading'] ?? []));
        self::assertSame(['analyst 1'], array_keys($names['Chain:'] ?? []));
        self::assertSame(['analyst 1', 'analyst 2'], array_keys($names['Verdict,'] ?? []));
    }

    public function testFindingsReadingsAndStepsStandInTheirBooks(): void
    {
        foreach (self::cases() as $case) {
            $book = self::service(BookShelf::class)->book($case->family);
            foreach (self::em()->getRepository(Finding::class)->findBy(['case' => $case->id->toRfc4122()]) as $finding) {
                self::assertTrue($book->hasPlace($finding->place()), $case->family.' '.$finding->place());
                self::assertTrue(
                    null === $finding->mode || null !== self::service(BookShelf::class)->modes()->get($finding->mode),
                    (string) $finding->mode,
                );
            }
            foreach (self::em()->getRepository(Reading::class)->findBy(['case' => $case->id->toRfc4122()]) as $reading) {
                self::assertNotNull($book->field($reading->part.'/'.$reading->field), $case->family.' '.$reading->part.'/'.$reading->field);
            }
            foreach (self::em()->getRepository(StepRecord::class)->findBy(['case' => $case->id->toRfc4122()]) as $step) {
                self::assertArrayHasKey($step->step, $book->strip, $case->family);
                self::assertSame(
                    [],
                    array_diff(
                        array_keys($step->counted),
                        array_map(static fn (Count $count): string => $count->what, $book->strip[$step->step]->counts),
                    ),
                    $case->family.' '.$step->step,
                );
            }
            foreach (self::em()->getRepository(Complaint::class)->findBy(['case' => $case->id->toRfc4122()]) as $complaint) {
                self::assertArrayHasKey($complaint->what, $book->complaints, $case->family);
            }
        }
    }

    public function testEveryPageOfEveryCaseOpensToWhoMayOnlyLookAndKeepsItsInsidesToItself(): void
    {
        $this->browser->loginUser(self::em()->getRepository(User::class)->findOneBy(['role' => Role::Viewer]) ?? self::fail());
        foreach ([...self::cases(), ...self::earlier()] as $case) {
            $book = self::service(BookShelf::class)->book($case->family);
            foreach (
                [
                    'intake', 'strip', 'parts', 'parts/'.array_key_first($book->parts), 'readings', 'chain', 'verdict',
                    'report', 'work-report', 'history', 'next',
                ] as $page
            ) {
                $this->browser->request('GET', '/cases/'.$case->number.'/'.$page);
                self::assertContains($this->browser->getResponse()->getStatusCode(), [200, 302], $case->number.' '.$page);
                self::assertSelectorNotExists('form[data-autosave]');
                $cells = $this->browser->getCrawler()->filter('main td, main p, main dd, main li')->each(
                    static fn ($node): string => $node->text()
                );
                self::assertSame(
                    [],
                    array_values(preg_grep(self::INSIDE, $cells) ?: []),
                    $case->number.' '.$page.': words from the inside stay inside',
                );
            }
        }
    }

    /**
     * A supplier's claim settled, one refused for want of evidence, a comeback on our own warranty, a cause not found, a customer who chose
     * the cure.
     */
    public function testFinishedCasesRunThroughToProof(): void
    {
        $ends = [];
        foreach (array_filter(self::cases(), static fn (CaseFile $case): bool => $case->isSigned()) as $case) {
            $outcomes = array_column(self::service(ProofDesk::class)->sheet($case), 'outcome');
            $gone = self::service(ProofDesk::class)->handover($case) ?? self::fail($case->number.' never went out.');
            self::assertNotContains('', $outcomes, $case->number.': every step of the proof is written down');
            self::assertNull(BuildDesk::next(self::service(BuildDesk::class)->sheet($case)), $case->number.' is built');
            self::assertSame(
                \in_array('missed', $outcomes, true),
                '' !== $gone->despite,
                $case->number.': what is not passed has its reason',
            );
            $claim = self::em()->getRepository(Claim::class)->findOneBy(['case' => $case]);
            $offer = self::em()->getRepository(Offer::class)->findOneBy(['case' => $case]);
            $ends[] = implode(
                ' ',
                array_filter(
                    [
                        $claim?->state()->value,
                        $offer?->chosen?->value,
                        self::service(Signing::class)->current($case)->causeNotFound ? 'not found' : '',
                        null === $case->comebackOf ? '' : 'comeback',
                    ]
                ),
            );
        }
        self::assertEqualsCanonicalizing(['cured', 'refused as-it-was', 'settled', 'not found', 'accepted comeback'], $ends);
    }
}
