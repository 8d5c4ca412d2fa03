<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Account\User;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Evidence\FoundBesides;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Measuring\ShopLimit;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Report\MakeReport;
use App\Report\MakeReportHandler;
use App\Report\Report;
use App\Report\ReportState;
use App\Verdict\Missing;
use App\Verdict\Signing;
use App\Verdict\Snapshot;
use App\Verdict\Verdict;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Verdict\Responsibility;

final class VerdictTest extends AppTestCase
{
    /** A case with a complaint and a finding of damage, and every part looked at. */
    private function judged(): CaseFile
    {
        $case = $this->aCase('VG-1');
        $complaint = new Complaint($case);
        $complaint->what = 'low-flow';
        self::em()->persist($complaint);
        $case->complaints->add($complaint);
        foreach (self::service(\App\Books\BookShelf::class)->book($case->family)->parts as $part) {
            $finding = new Finding($case, $part->key);
            $finding->kind = 'front-block' === $part->key ? FindingKind::Damage : FindingKind::Clean;
            [$finding->mode, $finding->grade, $finding->surface] = 'front-block' === $part->key ? ['scoring', 3, 'face'] : [null, 0, null];
            self::em()->persist($finding);
        }
        self::em()->flush();

        return $case;
    }

    /** Draws a closed chain: dirt → scored block → low flow. */
    private function chained(CaseFile $case): ChainNode
    {
        $origin = new ChainNode($case, NodeKind::Origin);
        [$origin->name, $origin->origin, $origin->evidence] = ['Dirt let in', OriginKind::Contamination, 'grains in the strainer'];
        $damage = new ChainNode($case, NodeKind::Damage);
        $damage->finding = self::em()->getRepository(Finding::class)->findOneBy(['case' => $case, 'part' => 'front-block']);
        [$damage->name, $damage->place] = ['Scored block', 'front-block/face'];
        $complaint = new ChainNode($case, NodeKind::Complaint);
        [$complaint->name, $complaint->complaint] = ['Low flow', $case->complaints->first() ?: null];
        foreach ([$origin, $damage, $complaint] as $node) {
            self::em()->persist($node);
        }
        foreach ([[$origin, $damage], [$damage, $complaint]] as [$from, $to]) {
            $link = new ChainLink($case);
            [$link->from, $link->to, $link->mechanism] = [$from, $to, 'abrasion'];
            self::em()->persist($link);
        }
        self::em()->flush();

        return $origin;
    }

    private function signed(CaseFile $case): Verdict
    {
        $signing = self::service(Signing::class);
        $verdict = $signing->current($case);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [
            $this->chained($case),
            Responsibility::Maintenance,
            'Dirt came in.',
        ];
        $signing->sign($verdict, $this->person(Role::Analyst));
        $signing->second($verdict, $this->person(Role::Analyst, 'second'));

        return $verdict;
    }

    public function testWhatIsBeyondTheComplaintIsToldAndTheChainNeedNotExplainIt(): void
    {
        $case = $this->aCase();
        $rust = new Finding($case, 'body');
        $rust->sawDamage('corrosion', 2, 'Water stood in it.');
        self::em()->persist($rust);
        self::em()->flush();
        $this->signIn(Role::Analyst);
        $chain = fn (): string => $this->browser->request('GET', "/cases/{$case->number}/chain")->text();
        self::assertStringContainsString('Corrosion (grade 2) on Body is not in the chain', $chain());
        $rust->setBeyond(true);
        self::em()->flush();
        self::assertStringNotContainsString('Corrosion (grade 2) on Body is not in the chain', $chain());
        self::assertSame(
            'We also found what has nothing to do with your complaint: corrosion at the body.',
            self::service(FoundBesides::class)->says($case),
        );
    }

    public function testTheChainPageNamesWhatIsOpenAndClosesOnceItIsMended(): void
    {
        $case = $this->judged();
        $this->signIn(Role::Analyst);
        $page = '/cases/'.$case->number.'/chain';
        $this->browser->request('GET', $page);
        self::assertStringContainsString('The complaint "Low flow or slow movement" is not in the chain', $this->said());
        self::assertStringContainsString('Scoring (grade 3) on Front bearing block, running face is not in the chain', $this->said());

        $finding = self::em()->getRepository(Finding::class)->findOneBy(['case' => $case, 'kind' => 'damage']);
        $complaint = self::em()->getRepository(Complaint::class)->findOneBy(['case' => $case]);
        self::assertSame(303, $this->act($case, 'chain/findings/'.$finding?->id, [], 'chain'));
        self::assertSame(303, $this->act($case, 'chain/complaints/'.$complaint?->id, [], 'chain'));
        $this->browser->request('GET', $page);
        $form = $this->browser->getCrawler()->filter('form[action$="/chain/nodes"]')->first()->form(
            ['origin[name]' => 'Dirt let in', 'origin[origin]' => 'contamination', 'origin[evidence]' => 'grains']
        );
        $this->browser->submit($form);
        self::assertResponseRedirects($page);
        foreach (
            [
                ['Dirt let in', 'Scoring, front bearing block, running face'],
                ['Scoring, front bearing block, running face', 'Low flow or slow movement'],
            ] as [$from, $to]
        ) {
            $this->join($page, $from, $to);
        }
        $this->browser->request('GET', $page);
        self::assertStringContainsString('The chain is closed', $this->said());
        self::assertStringContainsString('<svg class="chain-svg"', (string) $this->browser->getResponse()->getContent());
    }

    private function join(string $page, string $from, string $to): void
    {
        $crawler = $this->browser->request('GET', $page);
        $option = static fn (string $list, string $name): string => (string) $crawler->filter("#link_$list option")->reduce(
            static fn ($node): bool => $name === trim($node->text())
        )->attr('value');
        $this->browser->submit(
            $crawler->filter('#link-form')->form(),
            ['link[from]' => $option('from', $from), 'link[to]' => $option('to', $to), 'link[mechanism]' => 'abrasion'],
        );
        self::assertResponseRedirects($page);
    }

    public function testALinkFromAConditionToItselfIsRefused(): void
    {
        $case = $this->judged();
        $origin = $this->chained($case);
        $this->signIn(Role::Analyst);
        self::assertSame(
            422,
            $this->send(
                '/cases/'.$case->number.'/chain',
                '/chain/links',
                ['link[from]' => (string) $origin->id, 'link[to]' => (string) $origin->id, 'link[mechanism]' => 'abrasion'],
            ),
        );
        self::assertStringContainsString('does not cause itself', $this->said());
    }

    public function testNothingIsSignedThatIsNotWhole(): void
    {
        $case = $this->judged();
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->act($case, 'verdict/sign', [], 'verdict'));
        self::assertStringContainsString('The chain leaves 2 points open', $this->said());
        $reasons = $this->reasons($case);
        self::assertCount(2, $reasons['despite']);
        self::assertSame(
            422,
            $this->act($case, 'verdict/sign', ['despite' => \array_slice($reasons['despite'], 0, 1)] + $reasons, 'verdict'),
            'a reason for each',
        );
        self::assertStringContainsString('seen and left', (string) $this->browser->getResponse()->getContent(), 'what was typed stays');
        self::assertSame(409, $this->act($case, 'verdict/sign', $reasons, 'verdict'));
        self::assertStringContainsString('Missing: the origin, or “cause not found”; who carries it; the statement', $this->said());
    }

    /**
     * @return array{
     *     despite: array<string, string>, password: string,
     * } a reason for each point that the chain leaves open, as the page asks for them
     */
    private function reasons(CaseFile $case): array
    {
        $fields = $this->browser->request('GET', '/cases/'.$case->number.'/verdict')->filter('input[name^="despite["]');

        return [
            'despite' => array_fill_keys(
                $fields->each(static fn ($field): string => substr((string) $field->attr('name'), 8, -1)),
                'seen and left',
            ),
            'password' => 'quay',
        ];
    }

    public function testCauseNotFoundIsAnHonestVerdictThatSaysWhatStaysAtRisk(): void
    {
        $verdict = new Verdict($this->judged(), 1);
        [$verdict->causeNotFound, $verdict->responsibility, $verdict->statement] = [true, Responsibility::Undetermined, 'Not found.'];
        $signing = self::service(Signing::class);
        self::assertSame(['what stays at risk'], self::service(Missing::class)->missingFrom($verdict));
        $verdict->atRisk = 'It may come back.';
        self::assertSame([], self::service(Missing::class)->missingFrom($verdict));
    }

    public function testASecondPairOfEyesIsSomebodyElseAndThenTheCaseIsFrozen(): void
    {
        $case = $this->judged();
        $origin = $this->chained($case);
        $this->signIn(Role::Analyst);
        $this->send(
            '/cases/'.$case->number.'/verdict',
            '/verdict',
            [
                'verdict[origin]' => (string) $origin->id,
                'verdict[responsibility]' => 'maintenance',
                'verdict[statement]' => 'Dirt came in.',
            ],
        );
        self::assertStringContainsString(
            'An alternative that nothing excludes',
            $this->browser->request('GET', '/cases/'.$case->number.'/verdict')->text(),
        );
        self::assertSame(422, $this->act($case, 'verdict/sign', [], 'verdict'), 'one scored face can be told from several ends');
        self::assertSame(303, $this->act($case, 'verdict/sign', $this->reasons($case), 'verdict'));
        self::assertSame(
            'seen and left',
            self::em()->getRepository(Verdict::class)->findOneBy(['case' => $case->id->toRfc4122()])?->despite[0]['reason'],
        );
        self::assertSame(409, $this->act($case, 'verdict/second', ['password' => 'quay'], 'verdict'));
        self::assertStringContainsString('A second pair of eyes is somebody else', $this->said());
        $this->signIn(Role::Analyst, 'second');
        self::assertSame(422, $this->act($case, 'verdict/second', ['password' => 'a guess'], 'verdict'), 'who signs proves who it is');
        self::assertFalse($this->fresh($case)->isSigned());
        self::assertSame(303, $this->act($case, 'verdict/second', ['password' => 'quay'], 'verdict'));
        self::assertTrue($this->fresh($case)->isSigned());
        foreach (['intake/unit', 'strip/outside', 'parts/body', 'chain/nodes', 'verdict'] as $path) {
            $this->browser->request('POST', '/cases/'.$case->number.'/'.$path);
            self::assertSame(409, $this->browser->getResponse()->getStatusCode(), $path);
        }
        self::assertStringContainsString('is signed and stays as it was signed', $this->said());
    }

    public function testSharesRestOnLinksAndAreAskedForAgainWhenTheChainChanges(): void
    {
        $case = $this->judged();
        $origin = $this->chained($case);
        $this->signIn(Role::Analyst);
        $link = (string) self::em()->getRepository(ChainLink::class)->findOneBy(['case' => $case, 'from' => $origin])?->id;
        self::assertSame(422, $this->act($case, 'verdict/shares', ['percent' => ['installer' => '70', 'operator' => '20']], 'verdict'));
        self::assertStringContainsString('The shares add up to 90 %; 10 % are carried by nobody.', $this->said());
        self::assertSame('70', $this->browser->getCrawler()->filter('#share-installer')->attr('value'), 'what was typed stays');
        self::assertSame(422, $this->act($case, 'verdict/shares', ['percent' => ['installer' => '70', 'undetermined' => '30']], 'verdict'));
        self::assertStringContainsString('Installer: which links of the chain does this share rest on?', $this->said());
        $this->browser->request(
            'POST',
            '/cases/'.$case->number.'/verdict/shares',
            [
                '_token' => $this->token('/cases/'.$case->number.'/verdict'),
                'percent' => ['undetermined' => '30', 'installer' => '70'],
                'links' => ['installer' => [$link, 'nothing']],
            ],
        );
        self::assertResponseRedirects();
        $verdict = self::em()->getRepository(Verdict::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        self::assertSame(
            [['who' => 'installer', 'percent' => 70, 'links' => [$link]], ['who' => 'undetermined', 'percent' => 30, 'links' => []]],
            $verdict?->shares,
        );
        self::assertSame(Responsibility::Installer, $verdict->responsibility);
        self::assertStringNotContainsString(
            'The chain has changed since',
            $this->browser->request('GET', '/cases/'.$case->number.'/verdict')->text(),
        );

        $node = self::em()->getRepository(ChainNode::class)->findOneBy(
            ['case' => $case->id->toRfc4122(), 'kind' => NodeKind::Damage]
        ) ?? self::fail();
        $node->name = 'Scored block, front';
        self::em()->flush();
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/verdict')->text();
        self::assertStringContainsString('The chain has changed since the shares were set.', $page);
        self::assertStringContainsString('the shares anew, since the chain has changed', $page, 'it is not signed over');
    }

    public function testEvidenceThatChangesBetweenTheSignaturesVoidsTheFirst(): void
    {
        $case = $this->judged();
        $signing = self::service(Signing::class);
        $verdict = $signing->current($case);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [
            $this->chained($case),
            Responsibility::Maintenance,
            'Dirt came in.',
        ];
        $signing->sign($verdict, $this->person(Role::Analyst));
        self::assertTrue($verdict->awaitsSecond());
        // A page left open still has its button; the finding is gone.
        $finding = self::em()->getRepository(Finding::class)->findOneBy(['case' => $case, 'kind' => 'damage']) ?? self::fail();
        $finding->grade = 1;
        self::em()->flush();
        self::assertFalse($verdict->awaitsSecond(), 'at once');
        self::assertStringContainsString('Finding', $verdict->voided);
        $this->signIn(Role::Analyst, 'second');
        self::assertSame(409, $this->act($case, 'verdict/second', ['password' => 'quay'], 'verdict'));
        $this->browser->request('GET', '/cases/'.$case->number.'/verdict');
        self::assertStringContainsString('The first signature holds no more: Finding', $this->said());
        self::assertFalse($this->fresh($case)->isSigned());
    }

    public function testABookThatChangesBetweenTheSignaturesIsNamedAndNothingIsSigned(): void
    {
        $case = $this->judged();
        $signing = self::service(Signing::class);
        $verdict = $signing->current($case);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [
            $this->chained($case),
            Responsibility::Maintenance,
            'Dirt came in.',
        ];
        $signing->sign($verdict, $this->person(Role::Analyst));
        self::em()->persist($limit = new ShopLimit($case->family, 'drive-gear', 'thickness'));
        [$limit->min, $limit->source] = ['25.99 mm', 'our own sheet'];
        self::em()->flush();
        try {
            $signing->second($verdict, $this->person(Role::Analyst, 'second'));
            self::fail('it is not the same document');
        } catch (ShopError $error) {
            self::assertStringContainsString(
                'Nothing is signed. Since the first signature this has changed: shop limits.',
                $error->getMessage(),
            );
        }
        self::assertNull($verdict->signedBy);
    }

    public function testOpeningEveryPageAndSigningAnotherCaseChangesNothingThatWasSigned(): void
    {
        $case = $this->judged();
        $signing = self::service(Signing::class);
        $verdict = $signing->current($case);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [
            $this->chained($case),
            Responsibility::Maintenance,
            'Dirt came in.',
        ];
        $signing->sign($verdict, $this->person(Role::Analyst));
        $digest = $verdict->snapshotHash;
        $this->signIn(Role::Analyst, 'second');
        foreach (
            [
                'intake', 'strip', 'parts', 'parts/front-block', 'readings', 'wear', 'chain', 'verdict', 'warranty',
                'repair', 'build', 'proof', 'report', 'history', 'phone', 'photos',
            ] as $page
        ) {
            $this->browser->request('GET', '/cases/'.$case->number.'/'.$page);
            self::assertResponseIsSuccessful($page);
        }
        $this->signed($this->judged());
        $case = $this->fresh($case);
        $verdict = $signing->current($case);
        self::assertSame($digest, Snapshot::hash(self::service(Snapshot::class)->take($case, $verdict)));
        $signing->second($verdict, $this->person(Role::Analyst, 'second'));
        self::assertTrue($verdict->isSigned());
        self::assertSame($digest, $verdict->snapshotHash);
    }

    public function testALaterChangeMakesANewRevisionAndTheSignedOneStays(): void
    {
        $case = $this->judged();
        $signed = $this->signed($case);
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->act($case, 'verdict/reopen', ['because' => ' '], 'verdict'));
        self::assertSame(303, $this->act($case, 'verdict/reopen', ['because' => 'The oil sample came back.'], 'verdict'));
        $revisions = self::em()->getRepository(Verdict::class)->findBy(['case' => $case->id->toRfc4122()], ['revision' => 'ASC']);
        self::assertCount(2, $revisions);
        self::assertTrue($revisions[0]->isSigned());
        self::assertFalse($revisions[1]->isSigned());
        self::assertSame('Dirt came in.', $revisions[1]->statement);
        self::assertFalse($this->fresh($case)->isSigned());
        self::assertNotNull($signed->snapshotHash);
    }

    public function testTheDatabaseItselfRefusesToChangeASignedVerdict(): void
    {
        $this->signed($this->judged());
        $this->expectExceptionMessage('superseded, never changed');
        self::em()->getConnection()->executeStatement("UPDATE verdict SET statement = 'It was the maker.'");
    }

    public function testTheSnapshotHashIsTheSameHoweverTheDatabaseOrdersIt(): void
    {
        self::assertSame(Snapshot::hash(['a' => 1, 'b' => [2, 3.5]]), Snapshot::hash(['b' => [2, 3.5], 'a' => 1]));
        self::assertNotSame(Snapshot::hash(['a' => [1, 2]]), Snapshot::hash(['a' => [2, 1]]));
        $verdict = $this->signed($this->judged());
        self::em()->clear();
        $stored = self::em()->find(Verdict::class, $verdict->id);
        self::assertIsArray($stored?->snapshot());
        self::assertSame($stored->snapshotHash, Snapshot::hash($stored->snapshot()));
    }

    private function report(CaseFile $case): Report
    {
        $report = new Report($case, self::service(Signing::class)->current($case), $this->person(Role::Analyst));
        self::em()->persist($report);
        self::em()->flush();
        self::service(MakeReportHandler::class)(new MakeReport($report->id));

        return $report;
    }

    public function testTheReportIsAPdfAndMakingItTwiceChangesNothing(): void
    {
        $case = $this->judged();
        $this->signed($case);
        $report = $this->report($case);
        self::assertSame('', $report->error);
        self::assertSame(ReportState::Ready, $report->state);
        self::assertStringStartsWith(
            '%PDF-',
            (string) stream_get_contents(self::service(StoredFiles::class)->open('reports', (string) $report->hash), 8),
        );
        $hash = $report->hash;
        // A worker that died after storing gets its work handed out again.
        self::service(MakeReportHandler::class)(new MakeReport($report->id));
        self::assertSame($hash, $report->hash);
    }

    public function testAWorkerThatDiedHalfwayIsTakenUpAgain(): void
    {
        $case = $this->judged();
        $report = new Report($case, null, $this->person(Role::Analyst));
        $report->step(62, 'drawing the chain');
        $report->touchedAt = new \DateTimeImmutable('-2 minutes');
        self::em()->persist($report);
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/reports/'.$report->id);
        self::assertStringContainsString('The worker has been silent for a while', $this->said());
        self::service(MakeReportHandler::class)(new MakeReport($report->id));
        self::assertSame(ReportState::Ready, self::em()->find(Report::class, $report->id)?->state);
    }

    public function testAFailureIsSaidNotSwallowed(): void
    {
        $case = $this->judged();
        $report = new Report($case, null, $this->person(Role::Analyst));
        self::em()->persist($report);
        self::em()->flush();
        $handler = new \ReflectionClass(MakeReportHandler::class);
        $broken = new class implements \App\Platform\PdfTool {
            public function make(string $html, string $folder, string $target): void
            {
                throw new \App\Platform\ToolFailed('no room on the disk');
            }
        };
        $real = self::service(MakeReportHandler::class);
        $arguments = array_map(
            static fn (\ReflectionParameter $p): mixed => 'pdf' === $p->name ? $broken : $handler->getProperty($p->name)->getValue($real),
            $handler->getConstructor()?->getParameters() ?? [],
        );
        try {
            $handler->newInstance(...$arguments)(new MakeReport($report->id));
            self::fail('the queue hands it out again only if it hears of it');
        } catch (\App\Platform\ToolFailed) {
        }
        self::assertSame(ReportState::Failed, $report->state);
        self::assertStringContainsString('no room on the disk', $report->error);
    }

    public function testAComebackHasToDealWithTheEarlierOrigin(): void
    {
        $earlier = $this->judged();
        $this->signed($earlier);
        $case = $this->aCase('VG-1');
        $case->comebackOf = $earlier;
        self::em()->flush();
        $this->signIn(Role::Analyst);
        $page = '/cases/'.$case->number.'/chain';
        $this->browser->request('GET', $page);
        self::assertStringContainsString('Last time the origin was "Dirt let in"', $this->said());
        $this->act($case, 'chain/earlier', ['dealt' => 'The tank was flushed; other grains now.'], 'chain');
        $this->browser->request('GET', $page);
        self::assertStringNotContainsString('Last time the origin was', $this->said());
    }

    public function testAFirstSignatureCanBeTakenBack(): void
    {
        $case = $this->judged();
        $signing = self::service(Signing::class);
        $verdict = $signing->current($case);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [
            $this->chained($case),
            Responsibility::Maintenance,
            'Dirt came in.',
        ];
        $analyst = $this->signIn(Role::Analyst);
        self::assertInstanceOf(User::class, $analyst);
        $signing->sign($verdict, $analyst);
        self::assertSame(409, $this->send409($case));
        self::assertSame(303, $this->act($case, 'verdict/withdraw', [], 'verdict'));
        self::assertNull(self::em()->find(Verdict::class, $verdict->id)?->signedAt);
    }

    private function send409(CaseFile $case): int
    {
        $this->browser->request('POST', '/cases/'.$case->number.'/verdict', ['verdict' => ['statement' => 'changed']]);

        return $this->browser->getResponse()->getStatusCode();
    }
}
