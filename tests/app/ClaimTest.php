<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainNode;
use App\Claims\Claim;
use App\Claims\ClaimPapers;
use App\Claims\MakeClaim;
use App\Claims\MakeClaimHandler;
use App\Intake\CaseFile;
use App\Intake\YesNo;
use App\Platform\StoredFiles;
use App\Verdict\Warranty\PolicyText;
use App\Verdict\Warranty\ShopPolicy;
use App\Verdict\Warranty\WarrantyFacts;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;

/** A claim from its draft to its settlement. */
final class ClaimTest extends AppTestCase
{
    private const POLICY = <<<'YAML'
        policy: pellam-new
        name: Pellam, new units
        kind: maker
        maker: Pellam
        editions:
          - valid: {from: 2024-01-01}
            period: {from: delivery, months: 24}
            covers: [parts, labour]
            excludes: [contamination]
            notice: 14
            return: 30
            proofs: [photos-unaltered, oil-sample]
        YAML;

    private function claimedCase(): CaseFile
    {
        $this->signIn(Role::Desk);
        $case = $this->aCase('PC-1');
        $case->maker = 'Pellam';
        $content = self::service(PolicyText::class)->content(self::POLICY);
        self::em()->persist(new ShopPolicy('pellam-new', self::POLICY, $content, $this->person(Role::Analyst)));
        $facts = new WarrantyFacts($case);
        [$facts->delivered, $facts->failed, $facts->photosUnaltered] = [
            new \DateTimeImmutable('today -200 days'),
            new \DateTimeImmutable('today -10 days'),
            YesNo::Yes,
        ];
        self::em()->persist($facts);
        $origin = new ChainNode($case, NodeKind::Origin);
        [$origin->name, $origin->origin] = ['A seam', OriginKind::PartDefect];
        self::em()->persist($origin);
        self::em()->flush();

        return $case;
    }

    private function page(CaseFile $case): string
    {
        return "/cases/{$case->number}/claims/1";
    }

    /** @param array<string, string> $fields */
    private function move(CaseFile $case, array $fields): int
    {
        return $this->act($case, 'claims/1/move', $fields + ['day' => (new \DateTimeImmutable('today'))->format('Y-m-d')], 'claims/1');
    }

    /** @param array<string, string> $fields */
    private function write(CaseFile $case, array $fields): int
    {
        $form = $this->browser->request('GET', $this->page($case))->selectButton('Keep it')->form();
        foreach ($fields as $name => $value) {
            $form["claim[$name]"] = $value;
        }
        $this->browser->submit($form);

        return $this->browser->getResponse()->getStatusCode();
    }

    private function papers(CaseFile $case): ClaimPapers
    {
        self::assertSame(303, $this->act($case, 'claims/1/papers', [], 'claims/1'));
        $papers = self::em()->getRepository(ClaimPapers::class)->findOneBy([], ['id' => 'DESC']) ?? self::fail('There are no papers.');
        (self::service(MakeClaimHandler::class))(new MakeClaim($papers->id));
        self::em()->refresh($papers);

        return $papers;
    }

    public function testAClaimIsNotSentWithoutItsEvidenceAndItsPapers(): void
    {
        $case = $this->claimedCase();
        self::assertSame(303, $this->act($case, 'claims', ['policy' => 'pellam-new'], 'warranty'));
        self::assertSame(422, $this->move($case, ['state' => 'sent']));
        self::assertStringContainsString('at least one cost', $this->said());
        self::assertSame(303, $this->write($case, ['cost_parts' => '640.00 EUR', 'cost_freight' => '20 EUR']));
        self::assertSame(422, $this->move($case, ['state' => 'sent']));
        self::assertStringContainsString('a sample of the oil', $this->said(), 'what it asks for is named');
        self::assertSame(422, $this->move($case, ['state' => 'sent', 'words' => 'the oil was drained before it came']));
        self::assertStringContainsString('Make the papers first', $this->said());
        self::assertSame(
            'the oil was drained before it came',
            $this->browser->getCrawler()->filter('#move-words')->text(),
            'what was typed stays',
        );
        self::assertSame(303, $this->write($case, ['answer_oil-sample' => 'bottle 4, enclosed']));
        $this->papers($case);
        self::assertSame(303, $this->write($case, ['cost_parts' => '660.00 EUR']));
        self::assertSame(422, $this->move($case, ['state' => 'sent']));
        self::assertStringContainsString('older than the claim', $this->said());
        $this->papers($case);
        self::assertSame(303, $this->move($case, ['state' => 'sent']));
        self::assertSame(409, $this->act($case, 'claims/1', ['claim' => ['statement' => 'another']], 'claims/1'), 'what was sent stays');
    }

    public function testItsLifeIsWrittenDownStepByStepAndItsDaysAreWatched(): void
    {
        $case = $this->claimedCase();
        $this->act($case, 'claims', ['policy' => 'pellam-new'], 'warranty');
        $this->write($case, ['cost_parts' => '640.00 EUR', 'answer_oil-sample' => 'bottle 4']);
        $list = $this->browser->request('GET', '/claims')->text();
        self::assertStringContainsString('4 days left', $list, '14 days from the failure ten days ago');
        self::assertStringContainsString(
            'tell them of the failure by',
            $this->browser->request('GET', '/')->text(),
            'what is due within a week stands on the floor',
        );
        $this->papers($case);
        $this->move($case, ['state' => 'sent', 'answerBy' => (new \DateTimeImmutable('today +30 days'))->format('Y-m-d')]);
        self::assertStringContainsString('Their answer', $this->browser->request('GET', $this->page($case))->text());
        self::assertSame(422, $this->move($case, ['state' => 'refused']));
        self::assertStringContainsString('their reason', $this->said());
        self::assertSame(
            303,
            $this->move($case, ['state' => 'part-accepted', 'words' => 'without the seal kit', 'amount' => '600.00 EUR']),
        );
        self::assertSame(303, $this->move($case, ['state' => 'settled', 'amount' => '600.00 EUR']));
        $claim = self::em()->getRepository(Claim::class)->findOneBy(['case' => $case]);
        self::assertSame('settled', $claim?->state()->value);
        self::assertStringContainsString('600.00 EUR', $this->browser->request('GET', '/claims')->text());
    }

    public function testTheBundleHoldsWhatItRestsOnAndTheSumsToCheckIt(): void
    {
        $case = $this->claimedCase();
        $this->act($case, 'claims', ['policy' => 'pellam-new'], 'warranty');
        $this->write($case, ['cost_parts' => '640.00 EUR', 'answer_oil-sample' => 'bottle 4']);
        $papers = $this->papers($case);
        self::assertSame('', $papers->error);
        $file = self::service(StoredFiles::class)->copyOut('claims', (string) $papers->bundle);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $sums = explode("\n", trim((string) $zip->getFromName('SHA256SUMS')));
        self::assertCount($zip->numFiles - 1, $sums, 'all but the sums themselves');
        foreach ($sums as $line) {
            [$sum, $name] = explode('  ', $line);
            self::assertSame($sum, hash('sha256', (string) $zip->getFromName($name)), $name);
        }
        /** @var array{claimed: string, clauses: list<array{clause: string, answer: string}>} $document */
        $document = json_decode((string) $zip->getFromName('claim.json'), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame('640.00 EUR', $document['claimed']);
        self::assertContains('bottle 4', array_column($document['clauses'], 'answer'));
        unlink($file);
    }

    public function testTheBenchDoesNotClaimAndAnUnknownPolicyIsRefused(): void
    {
        $case = $this->claimedCase();
        self::assertSame(422, $this->act($case, 'claims', ['policy' => 'nobody'], 'warranty'));
        $this->signIn(Role::Bench);
        self::assertSame(403, $this->act($case, 'claims', ['policy' => 'pellam-new'], 'warranty'));
    }
}
