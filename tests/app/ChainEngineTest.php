<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Engine\ExplainCommand;
use App\Chain\Theory;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\FindingKind;
use Symfony\Component\Console\Tester\CommandTester;

/** The engine beside the analyst's chain. */
final class ChainEngineTest extends AppTestCase
{
    private function scored(): CaseFile
    {
        $case = $this->aCase();
        $complaint = new Complaint($case);
        $complaint->what = 'low-flow';
        $case->complaints->add($complaint);
        self::em()->persist($complaint);
        foreach ([['suction-strainer', 'mesh', 'debris', 3], ['front-block', 'face', 'scoring', 3], ['rear-block', 'face', 'scoring', 3], ['drive-gear', 'end-face', 'scoring', 2]] as [$part, $surface, $mode, $grade]) {
            self::em()->persist($finding = new Finding($case, $part));
            [$finding->surface, $finding->kind, $finding->mode, $finding->grade] = [$surface, FindingKind::Damage, $mode, $grade];
        }
        self::em()->flush();
        self::em()->clear();

        return self::em()->getRepository(CaseFile::class)->findOneBy(['number' => $case->number]) ?? self::fail();
    }

    public function testTheChainPageShowsWhatTheFindsSpeakForAndWhatWouldSettleIt(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Viewer);
        self::assertCount(1, $this->browser->request('GET', '/cases/'.$case->number.'/chain')->filter('[hx-get$="/chain/candidates"]'));
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/chain/candidates');
        self::assertResponseIsSuccessful();
        $first = $page->filter('.candidates > li')->first();
        self::assertStringContainsString('Dirt let in', $first->text());
        self::assertStringContainsString('explains 5 of 5', $first->text());
        self::assertGreaterThan(0, $first->filter('.weights li')->count());
        self::assertGreaterThan(0, $page->filter('.checks a')->count());
        self::assertStringContainsString('worked out exactly', $page->text());
        self::assertCount(0, $page->filter('form'), 'who looks takes nothing into the chain');
    }

    public function testAStoryIsTakenIntoTheChainOnceAndKeepsWhatIsThere(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        $own = new ChainNode($case, NodeKind::State);
        $own->name = 'Hard debris in the oil';
        self::em()->persist($own);
        self::em()->flush();
        self::assertSame(303, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain'));
        $nodes = self::em()->getRepository(ChainNode::class)->findBy(['case' => $case->id->toRfc4122()]);
        $origins = array_values(array_filter($nodes, static fn (ChainNode $node): bool => NodeKind::Origin === $node->kind));
        self::assertSame([OriginKind::Contamination], array_map(static fn (ChainNode $node): ?OriginKind => $node->origin, $origins));
        self::assertCount(1, array_filter($nodes, static fn (ChainNode $node): bool => 'Hard debris in the oil' === $node->name), 'the one that was there is used');
        self::assertCount(4, array_filter($nodes, static fn (ChainNode $node): bool => null !== $node->finding), 'each find stands for its condition');
        self::assertCount(1, array_filter($nodes, static fn (ChainNode $node): bool => null !== $node->complaint));
        $count = self::em()->getRepository(ChainLink::class)->count(['case' => $case->id->toRfc4122()]);
        self::assertSame(303, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain'));
        self::assertSame($count, self::em()->getRepository(ChainLink::class)->count(['case' => $case->id->toRfc4122()]), 'taken twice it is there once');
        self::assertSame(409, $this->act($case, 'chain/take', ['origin' => 'origin:moonlight'], 'chain'));
        $this->signIn(Role::Bench);
        self::assertSame(403, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'parts/front-block'));
    }

    public function testATheoryIsScoredAndAnsweredInPlainWords(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->act($case, 'chain/theories', ['words' => 'The pressure was set too high', 'spot' => 'origin:moonlight'], 'chain'));
        self::assertSame(422, $this->act($case, 'chain/theories', ['words' => ' ', 'spot' => 'origin:drain-blocked'], 'chain'));
        self::assertSame(303, $this->act($case, 'chain/theories', ['words' => 'Somebody painted the drain shut', 'spot' => 'origin:drain-blocked'], 'chain'));
        $told = $this->browser->request('GET', '/cases/'.$case->number.'/chain/candidates')->filter('.theory')->text();
        self::assertStringContainsString('“Somebody painted the drain shut”', $told);
        self::assertStringContainsString('It would explain nothing of what was found.', $told);
        self::assertMatchesRegularExpression('/The finds speak more for: dirt let in \(\d+ %\)/', $told);
        $report = $this->browser->request('GET', '/cases/'.$case->number.'/report')->filter('article.paper')->text();
        self::assertStringContainsString('What the finds speak for', $report);
        self::assertStringContainsString('“Somebody painted the drain shut” Drain or breather blocked', $report, 'the theory and its answer stand in the report');
        self::assertStringContainsString('Where debris went', $report);
        $theory = self::em()->getRepository(Theory::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        self::assertNotNull($theory);
        self::assertSame(303, $this->act($case, 'chain/theories/'.$theory->id.'/remove', [], 'chain'));
        self::assertSame(0, self::em()->getRepository(Theory::class)->count(['case' => $case->id->toRfc4122()]));
    }

    public function testTheCommandSaysWhyEachLinkIsThere(): void
    {
        $case = $this->scored();
        $tester = new CommandTester(self::service(ExplainCommand::class));
        self::assertSame(0, $tester->execute(['case' => $case->number]));
        $said = $tester->getDisplay();
        self::assertStringContainsString('Dirt let in: explains 5, leaves 0', $said);
        self::assertMatchesRegularExpression('/Scoring, front bearing block, running face  \[damage\]\D+[0-9.]+\s+from .*Hard debris in the oil, front bearing block.*Hard particles cut a softer face/s', $said);
        self::assertStringContainsString('Cut, since they would close a loop', $said);
        self::assertSame(1, $tester->execute(['case' => 'OQ-00-0000']));
    }
}
