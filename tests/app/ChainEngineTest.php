<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Engine\CaseAnalysis;
use App\Chain\Engine\ExplainCommand;
use App\Chain\Engine\NoteLead;
use App\Chain\Engine\NoteLeadHandler;
use App\Chain\Lead;
use App\Chain\Refusal;
use App\Chain\Theory;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\FindingKind;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

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
        foreach (
            [
                ['suction-strainer', 'mesh', 'debris', 3],
                ['front-block', 'face', 'scoring', 3],
                ['rear-block', 'face', 'scoring', 3],
                ['drive-gear', 'end-face', 'scoring', 2],
            ] as [$part, $surface, $mode, $grade]
        ) {
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

    public function testTheLastAnswerStaysAtHandUntilTheNextIsWorkedOut(): void
    {
        $case = $this->scored();
        $seen = fn (string $how): int => \count(self::service(CaseAnalysis::class)->{$how}($this->fresh($case))->ground->seen);
        $before = $seen('lastAnalysisOf');
        self::em()->persist($finding = new Finding($this->fresh($case), 'rear-bushes'));
        $finding->sawDamage('scoring', 2, '');
        self::em()->flush();
        self::assertSame($before, $seen('lastAnalysisOf'), 'nobody waits for the next');
        self::assertSame($before + 1, $seen('analysisOf'));
        self::assertSame($before + 1, $seen('lastAnalysisOf'));
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
        self::assertCount(
            1,
            array_filter($nodes, static fn (ChainNode $node): bool => 'Hard debris in the oil' === $node->name),
            'the one that was there is used',
        );
        self::assertCount(
            4,
            array_filter($nodes, static fn (ChainNode $node): bool => null !== $node->finding),
            'each find stands for its condition',
        );
        self::assertCount(1, array_filter($nodes, static fn (ChainNode $node): bool => null !== $node->complaint));
        $count = self::em()->getRepository(ChainLink::class)->count(['case' => $case->id->toRfc4122()]);
        self::assertSame(303, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain'));
        self::assertSame(
            $count,
            self::em()->getRepository(ChainLink::class)->count(['case' => $case->id->toRfc4122()]),
            'taken twice it is there once',
        );
        self::assertSame(409, $this->act($case, 'chain/take', ['origin' => 'origin:moonlight'], 'chain'));
        $this->signIn(Role::Bench);
        self::assertSame(403, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'parts/front-block'));
    }

    public function testWithoutScriptsTwoConditionsAreLinkedInOneOfTheWaysThatCanJoinThem(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        self::assertSame(303, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain'));
        $links = self::em()->getRepository(ChainLink::class);
        $taken = $links->findBy(['case' => $case->id->toRfc4122()])[0] ?? self::fail('Nothing is linked.');
        [$from, $to, $mechanism] = [(string) $taken->from?->id, (string) $taken->to?->id, $taken->mechanism];
        self::assertSame(303, $this->act($case, 'chain/links/'.$taken->id.'/remove', [], 'chain'));
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/chain');
        $page = $this->browser->click($page->filter('#node-'.$from.' a[data-join-from]')->link());
        $page = $this->browser->click($page->filter('.offers a[href*="'.$to.'"]')->link());
        $form = $page->filter('.offers form')->reduce(
            static fn (Crawler $one): bool => $one->filter('[name="link[mechanism]"]')->attr('value') === $mechanism,
        );
        $this->browser->submit($form->form(), ['link[why]' => 'as they were seen']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        self::assertCount(1, $links->findBy(['why' => 'as they were seen', 'mechanism' => $mechanism]));
        $back = $this->browser->request('GET', '/cases/'.$case->number."/chain/join?from=$to&to=$from")->text();
        self::assertStringContainsString('No mechanism that the books know leads from the one to the other directly', $back);
        $this->browser->request('GET', '/cases/'.$case->number."/chain/join?from=moon&to=$from");
        self::assertStringContainsString('not in the chain any more', $this->said());
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/cases/'.$case->number."/chain/join?from=$from&to=$to");
        self::assertGreaterThan(0, $page->filter('.offers li')->count(), 'who looks sees the ways');
        self::assertCount(0, $page->filter('.offers button'), 'and takes none');
    }

    public function testATheoryIsScoredAndAnsweredInPlainWords(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        self::assertSame(
            422,
            $this->act($case, 'chain/theories', ['words' => 'The pressure was set too high', 'spot' => 'origin:moonlight'], 'chain'),
        );
        self::assertSame(422, $this->act($case, 'chain/theories', ['words' => ' ', 'spot' => 'origin:drain-blocked'], 'chain'));
        self::assertSame(
            303,
            $this->act($case, 'chain/theories', ['words' => 'Somebody painted the drain shut', 'spot' => 'origin:drain-blocked'], 'chain'),
        );
        $told = $this->browser->request('GET', '/cases/'.$case->number.'/chain/candidates')->filter('.theory')->text();
        self::assertStringContainsString('“Somebody painted the drain shut”', $told);
        self::assertStringContainsString('It would explain nothing of what was found.', $told);
        self::assertMatchesRegularExpression('/The finds speak more for: dirt let in \([\d.]+ %\)/', $told);
        $report = $this->browser->request('GET', '/cases/'.$case->number.'/report')->filter('article.paper')->text();
        self::assertStringContainsString('What the finds speak for', $report);
        self::assertStringContainsString(
            '“Somebody painted the drain shut” Drain or breather blocked',
            $report,
            'the theory and its answer stand in the report',
        );
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
        self::assertMatchesRegularExpression(
            '/Scoring, front bearing block, running face  \[damage\]\D+[0-9.]+\s+from .*Hard debris in the oil, front bearing '
                .'block.*Hard particles cut a softer face/s',
            $said,
        );
        self::assertStringContainsString('Cut, since they would close a loop', $said);
        self::assertSame(1, $tester->execute(['case' => 'OQ-00-0000']));
    }

    private function candidates(CaseFile $case): Crawler
    {
        return $this->browser->request('GET', '/cases/'.$case->number.'/chain/candidates');
    }

    public function testProposedLinksAreTakenAndRefusedOneByOne(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        $page = $this->candidates($case);
        $count = $page->filter('.proposals > li')->count();
        self::assertSame($count, $page->filter('#chainbox a.faint')->count(), 'each proposal is drawn faint');
        self::assertStringContainsString('even lines along the motion', $page->filter('.proposals')->text(), 'with its tells');
        $links = $page->filter('.proposals input[name=link]')->each(static fn (Crawler $field): string => (string) $field->attr('value'));
        self::assertSame(303, $this->act($case, 'chain/take', ['link' => $links[0]], 'chain'));
        $link = self::em()->getRepository(ChainLink::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        self::assertSame('origin:dirt-let-in', $link?->from?->spot);
        self::assertSame('test analyst', $link->byWhom);
        self::assertCount($count - 1, $this->candidates($case)->filter('.proposals > li'));

        self::assertSame(422, $this->act($case, 'chain/refuse', ['subject' => $links[1], 'reason' => ' '], 'chain'), 'a refusal says why');
        self::assertSame(409, $this->act($case, 'chain/refuse', ['subject' => 'a>b>c', 'reason' => 'no such link'], 'chain'));
        self::assertSame(303, $this->act($case, 'chain/refuse', ['subject' => $links[1], 'reason' => 'the mesh was whole'], 'chain'));
        $page = $this->candidates($case);
        self::assertNotContains(
            $links[1],
            $page->filter('.proposals input[name=link]')->each(static fn (Crawler $field): string => (string) $field->attr('value')),
        );
        self::assertStringContainsString('the mesh was whole test analyst', $page->text());
        self::assertStringContainsString(
            'the mesh was whole',
            $this->browser->request('GET', '/cases/'.$case->number.'/report')->filter('article.paper')->text(),
        );
        $refusal = self::em()->getRepository(Refusal::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        self::assertSame(303, $this->act($case, 'chain/refusals/'.$refusal?->id.'/remove', [], 'chain'));
        self::assertContains(
            $links[1],
            $this->candidates($case)->filter('.proposals input[name=link]')->each(
                static fn (Crawler $field): string => (string) $field->attr('value')
            ),
        );
        $this->signIn(Role::Bench);
        self::assertSame(403, $this->act($case, 'chain/refuse', ['subject' => $links[1], 'reason' => 'so'], 'parts/front-block'));
    }

    public function testAnAlternativeKeepsTheChainOpenUntilItIsRefusedWithAReason(): void
    {
        $case = $this->scored();
        // Sand came from outside; what an earlier failure leaves behind is metal.
        $debris = self::em()->getRepository(Finding::class)->findOneBy(['case' => $case->id->toRfc4122(), 'mode' => 'debris']);
        $debris?->tellMadeOf([DebrisKind::Sand]);
        self::em()->flush();
        $this->signIn(Role::Analyst);
        self::assertSame(303, $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain'));
        self::assertStringNotContainsString(
            'An alternative that nothing excludes',
            $this->candidates($case)->filter('#leftopen')->text(),
            'it leads by far',
        );
        $origin = self::em()->getRepository(ChainNode::class)->findOneBy(
            ['case' => $case->id->toRfc4122(), 'spot' => 'origin:dirt-let-in']
        ) ?? self::fail();
        $origin->spot = 'origin:suction-restricted';
        $origin->name = 'Suction restricted';
        self::em()->flush();
        $open = $this->candidates($case)->filter('#leftopen')->text();
        self::assertMatchesRegularExpression(
            '/An alternative that nothing excludes: dirt let in \(\d+ %\) explains 6 of what was found, beside “Suction restricted”/',
            $open,
        );
        self::assertSame(
            303,
            $this->act($case, 'chain/refuse', ['subject' => 'origin:dirt-let-in', 'reason' => 'the oil sample is clean'], 'chain'),
        );
        $page = $this->candidates($case);
        self::assertStringNotContainsString('dirt let in', $page->filter('#leftopen')->text());
        self::assertStringContainsString('refused: the oil sample is clean', $page->filter('.candidates .refused')->text());
    }

    public function testAFigureThatSpeaksAgainstATheoryCountsAndStandsInTheAnswer(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        $this->act($case, 'chain/theories', ['words' => 'Too much pressure', 'spot' => 'origin:pressure-set-high'], 'chain');
        $theory = self::em()->getRepository(Theory::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        $share = fn (): float => (float) preg_replace(
            '/.*was there in ([0-9.]+) %.*/s',
            '$1',
            $this->candidates($case)->filter('.theory')->text(),
        );
        $before = $share();
        self::assertSame(
            422,
            $this->act($case, 'chain/theories/'.$theory?->id, ['stands' => 'against', 'because' => ''], 'chain'),
            'which figure says so?',
        );
        self::assertSame(
            303,
            $this->act(
                $case,
                'chain/theories/'.$theory?->id,
                ['stands' => 'against', 'because' => 'The shaft carries 38 of 95 N m at the pressure found.'],
                'chain',
            ),
        );
        self::assertLessThan($before, $share());
        self::assertStringContainsString(
            'Against it speaks: The shaft carries 38 of 95 N m at the pressure found.',
            $this->candidates($case)->filter('.theory')->text(),
        );
    }

    public function testEarlierLeadersStayWithTheirDateAndReason(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $look = static function (string $part, ?string $surface, string $mode, int $grade) use ($case): void {
            self::em()->persist($finding = new Finding($case, $part));
            [$finding->surface, $finding->kind, $finding->mode, $finding->grade] = [$surface, FindingKind::Damage, $mode, $grade];
            self::em()->flush();
        };
        $note = static function () use ($case): void {
            self::service(NoteLeadHandler::class)(new NoteLead($case->id));
        };
        $look('shaft-seal', 'lip', 'lip-displaced', 3);
        $note();
        foreach (
            [
                ['suction-strainer', 'mesh', 'debris', 3],
                ['front-block', 'face', 'scoring', 3],
                ['rear-block', 'face', 'scoring', 3],
                ['drive-gear', 'end-face', 'scoring', 2],
                ['body', 'suction-side', 'scoring', 2],
            ] as $one
        ) {
            $look(...$one);
        }
        foreach (self::em()->getRepository(Finding::class)->findBy(['case' => $case, 'part' => 'shaft-seal']) as $finding) {
            self::em()->remove($finding);
        }
        self::em()->flush();
        $note();
        $note();
        $leads = self::em()->getRepository(Lead::class)->findBy(['case' => $case->id->toRfc4122()], ['id' => 'ASC']);
        self::assertSame(
            ['origin:drain-blocked', 'origin:dirt-let-in'],
            array_map(static fn (Lead $lead): string => $lead->spot, $leads),
            'once each, however often it is looked at',
        );
        self::assertStringContainsString('seen, grade', $leads[1]->because);
        self::assertStringContainsString('Who led before: 2 in all', $this->candidates($case)->text());
    }

    public function testDebrisIsWorkedOffPlaceByPlace(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Bench);
        self::assertSame(303, $this->act($case, 'chain/cleaning', ['part' => 'suction-strainer'], 'parts/front-block'));
        self::assertStringContainsString('done: test bench', $this->candidates($case)->filter('.reach .done')->text());
        self::assertStringContainsString(
            'test bench',
            $this->browser->request('GET', '/cases/'.$case->number.'/report')->filter('article.paper')->text(),
        );
        $map = $this->browser->request('GET', '/library/external-gear-pump/map?reach=1&case='.$case->number);
        self::assertGreaterThan(1, $map->filter('.unitmap .order')->count(), 'numbered on the map in the order of the oil');
        self::assertSame(303, $this->act($case, 'chain/cleaning', ['part' => 'suction-strainer'], 'parts/front-block'));
        self::assertCount(0, $this->candidates($case)->filter('.reach .done'));
    }

    public function testTheReportTellsTheChainStepByStep(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain');
        $paper = $this->browser->request('GET', '/cases/'.$case->number.'/report')->filter('article.paper');
        self::assertStringContainsString('Dirt let in', $paper->filter('.told li')->first()->text());
        self::assertMatchesRegularExpression(
            '/Scoring, front bearing block, running face, grade 3\. From hard debris in the oil: hard particles cut a softer face/',
            $paper->filter('.told')->text(),
        );
        self::assertMatchesRegularExpression(
            '/Low flow or slow movement: Dirt let in → .* → Low flow or slow movement\./',
            $paper->filter('.path')->text(),
        );
    }

    public function testAChainGoesOutAndComesBackEqual(): void
    {
        $case = $this->scored();
        $this->signIn(Role::Analyst);
        $this->act($case, 'chain/take', ['origin' => 'origin:dirt-let-in'], 'chain');
        $get = function (string $format) use ($case): string {
            $this->browser->request('GET', '/cases/'.$case->number.'/chain.'.$format);
            self::assertResponseIsSuccessful();

            return (string) $this->browser->getResponse()->getContent();
        };
        self::assertStringContainsString('digraph chain', $get('dot'));
        self::assertTrue((new \DOMDocument())->loadXML($get('graphml')));
        self::assertTrue((new \DOMDocument())->loadXML($get('svg')));
        $json = $get('json');
        self::assertSame(409, $this->import($case, $json), 'two chains do not run together');
        foreach (self::em()->getRepository(ChainLink::class)->findBy(['case' => $case->id->toRfc4122()]) as $link) {
            self::em()->remove($link);
        }
        self::em()->flush();
        foreach (self::em()->getRepository(ChainNode::class)->findBy(['case' => $case->id->toRfc4122()]) as $node) {
            self::em()->remove($node);
        }
        self::em()->flush();
        self::assertSame(422, $this->import($case, 'no json'));
        self::assertStringContainsString('chain.json cannot be read. This is no JSON', $this->said());
        self::assertSame(422, $this->import($case, str_replace('external-gear-pump', 'roller-pump', $json)));
        self::assertSame(303, $this->import($case, $json));
        self::assertSame($json, $get('json'));
        self::assertNotNull(
            self::em()->getRepository(ChainNode::class)->findOneBy(
                ['case' => $case->id->toRfc4122(), 'kind' => NodeKind::Complaint]
            )?->complaint,
            'it stands for the complaint of the case again',
        );
    }

    private function import(CaseFile $case, string $json): int
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'chain');
        file_put_contents($file, $json);
        $this->browser->request(
            'POST',
            '/cases/'.$case->number.'/chain/import',
            ['_token' => $this->token('/cases/'.$case->number.'/intake')],
            ['chain' => new UploadedFile($file, 'chain.json', 'application/json', test: true)],
        );

        return $this->browser->getResponse()->getStatusCode();
    }
}
