<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Account\User;
use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Claims\Claim;
use App\Demo\DemoShop;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Evidence\WearStrips;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\CaseFrames;
use App\Measuring\Reading;
use App\Parts\CaseParts;
use App\Parts\Neighbours;
use App\Parts\PartViews;
use App\Proof\ProofDesk;
use App\Repair\Build\BuildDesk;
use App\Repair\Offer;
use App\Report\MakeReport;
use App\Teardown\StepRecord;
use App\Teardown\StripBench;
use App\Verdict\Signing;
use App\Verdict\Snapshot;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Teardown\StepState;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Messenger\Transport\InMemory\InMemoryTransport;

final class ShopTest extends AppTestCase
{
    /** What only the program needs to know: units of information, names of fields, empty lists, digits that nobody measured. */
    private const INSIDE = '/deciban|\bbits\b|^[a-z]+[A-Z]\w*$|\[\]|\{"|\d\.\d{6,}/';

    private function frame(CaseFile $case): CaseFrame
    {
        return self::service(CaseFrames::class)->frameOf($case);
    }

    private function parts(CaseFile $case): CaseParts
    {
        return self::service(PartViews::class)->partsOf($case);
    }

    private function looked(CaseFile $case, string $part, FindingKind $kind, int $grade = 0): void
    {
        $finding = new Finding($case, $part);
        [$finding->kind, $finding->grade, $finding->mode] = [$kind, $grade, $grade > 0 ? 'scoring' : null];
        self::em()->persist($finding);
        self::em()->flush();
    }

    public function testANewCaseBeginsAtIntakeWithItsPartsStillInside(): void
    {
        $frame = $this->frame($case = $this->aCase());
        self::assertSame('intake', $frame->next());
        self::assertSame(12, $frame->walk()['strip']->open);
        self::assertSame(0, $frame->walk()['parts']->open);
        self::assertNull($this->parts($case)->views['body']->grade());
        self::assertSame([], $this->parts($case)->views['body']->open());
        self::assertContains('Body: still in the unit', array_map(static fn ($cell): string => $cell->say(), $frame->wear()));
    }

    public function testAPartThatIsOffShowsItsOpenWork(): void
    {
        $case = $this->aCase();
        $step = new StepRecord($case, 'outside');
        $step->state = StepState::Done;
        self::em()->persist($step);
        self::em()->flush();
        $strainer = $this->parts($case)->views['suction-strainer'];
        self::assertTrue($strainer->isOff);
        self::assertSame(['look at it', 'photo', 'decide'], $strainer->open());
        self::assertTrue($strainer->isNeverReused());
        self::assertSame('suction-strainer', $this->parts($case)->nextOpen());
        self::assertNull($this->parts($case)->nextOpen('suction-strainer'));
    }

    public function testTheWorstFindingOfDamageGivesThePartItsGrade(): void
    {
        $case = $this->aCase();
        $this->looked($case, 'body', FindingKind::Damage, 1);
        $this->looked($case, 'body', FindingKind::Damage, 3);
        $this->looked($case, 'body', FindingKind::OldScar);
        $this->looked($case, 'dowels', FindingKind::Normal);
        $board = $this->parts($case);
        self::assertSame(3, $board->views['body']->grade());
        self::assertSame(0, $board->views['dowels']->grade());
        $strip = self::service(WearStrips::class)->stripsOf([$case])[(string) $case->id];
        self::assertSame(
            [3, 0],
            array_values(
                array_filter(array_map(static fn ($cell): ?int => $cell->grade, $strip), static fn (?int $grade): bool => null !== $grade)
            ),
        );
    }

    public function testSurfacesStayOpenUntilTheyAreLookedAt(): void
    {
        $case = $this->aCase();
        $this->looked($case, 'body', FindingKind::Damage, 2);
        self::assertCount(4, $this->parts($case)->views['body']->surfacesOpen());
        $this->looked($case, 'body', FindingKind::Clean);
        self::assertSame([], $this->parts($case)->views['body']->surfacesOpen(), 'the whole part was looked at and found clean');
    }

    public function testReadingsCountAsOpenUntilTaken(): void
    {
        $case = $this->aCase();
        $this->looked($case, 'relief-spring', FindingKind::Clean);
        self::assertSame(1, $this->frame($case)->walk()['readings']->open);
        $reading = new Reading($case, 'relief-spring', 'free-length');
        $reading->typed = ['36.0 mm'];
        self::em()->persist($reading);
        $record = new PartRecord($case, 'relief-spring');
        self::em()->persist($record);
        self::em()->flush();
        $spring = $this->parts($case)->views['relief-spring'];
        self::assertSame(0, $this->frame($case)->walk()['readings']->open);
        self::assertSame(LimitVerdict::Outside, $spring->measured['free-length']->verdict());
        self::assertSame(['photo', 'decide'], $spring->open());
    }

    public function testNeighboursFollowTheStripOrder(): void
    {
        $board = $this->parts($this->aCase());
        self::assertEquals(new Neighbours(null, 'suction-fitting'), $board->neighbours('suction-strainer'));
        self::assertNull($board->neighbours('shaft-seal')->next);
    }

    public function testTheDemoShopHasACaseInEveryFamilyAndGoesIntoAnEmptyDatabaseOnly(): void
    {
        $command = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('app:demo'));
        self::em()->createQuery('DELETE FROM '.User::class.' u')->execute();
        self::assertSame(0, $command->execute([]));
        self::assertSame(1, $command->execute([]));
        self::assertSame(0, $command->execute(['--if-empty' => true]));

        /** @var list<CaseFile> $cases */
        $cases = self::em()->getRepository(CaseFile::class)->findBy([], ['number' => 'ASC']);
        $cases = \array_slice($cases, -19);
        self::assertCount(
            13,
            array_unique(array_map(static fn (CaseFile $case): string => $case->family, $cases)),
            'the twelve families, the gear pump single and stacked',
        );
        [$finished, $comeback, $stuck, $new, $press] = $cases;
        self::assertTrue($finished->isSigned());
        self::assertSame([], self::service(CaseChain::class)->problems($finished), 'the finished chain is closed');
        self::assertSame(
            0,
            array_sum(array_column($this->frame($finished)->walk(), 'open')) - $this->frame($finished)->walk()['report']->open,
        );
        self::assertSame($finished, $comeback->comebackOf);
        $run = self::service(StripBench::class)->run($stuck, self::service(BookShelf::class)->book($stuck->family));
        self::assertSame('rear-cover', $run->next()?->step->key);
        self::assertSame('intake', $this->frame($new)->next());
        $verdict = self::service(Signing::class)->current($finished);
        self::assertSame($verdict->snapshotHash, Snapshot::hash($verdict->snapshot ?? []));
        $sent = self::getContainer()->get('messenger.transport.work');
        self::assertInstanceOf(InMemoryTransport::class, $sent);
        self::assertCount(5, array_filter($sent->getSent(), static fn ($envelope): bool => $envelope->getMessage() instanceof MakeReport));
        $this->finishedCasesRunThroughToProof($cases);

        $this->signIn(Role::Viewer, 'somebody');
        foreach ($cases as $case) {
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
     *
     * @param list<CaseFile> $cases
     */
    private function finishedCasesRunThroughToProof(array $cases): void
    {
        $ends = [];
        foreach (array_filter($cases, static fn (CaseFile $case): bool => $case->isSigned()) as $case) {
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
        self::assertEqualsCanonicalizing(['cured', 'refused', 'settled', 'not found', 'accepted comeback'], $ends);
    }

    public function testThePasswordOfTheDemoOpensTheDemo(): void
    {
        self::assertSame('ostrey-quay', DemoShop::PASSWORD);
        self::assertStringContainsString(DemoShop::PASSWORD, (string) file_get_contents(\dirname(__DIR__, 2).'/README.md'));
        self::assertStringContainsString(DemoShop::PASSWORD, (string) file_get_contents(\dirname(__DIR__, 2).'/bin/launcher/stack.sh'));
    }
}
