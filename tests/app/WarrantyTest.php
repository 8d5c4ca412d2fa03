<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Verdict\Warranty\ShopPolicy;
use App\Verdict\Warranty\WarrantyFacts;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\FindingKind;

/** Policies are written, checked, and put to a case. */
final class WarrantyTest extends AppTestCase
{
    private const POLICY = <<<'YAML'
        policy: pellam-new
        name: Pellam, new units
        kind: maker
        maker: Pellam
        editions:
          - valid: {from: 2024-01-01, to: 2025-12-31}
            period: {from: delivery, months: 24, hours: 4000 h}
            covers: [parts, labour]
            excludes: [contamination, wear-out]
            notice: 14
            proofs: [seals-intact, oil-sample]
        YAML;

    private function take(string $text): int
    {
        $this->browser->request('POST', '/policies', ['_token' => $this->token('/policies'), 'text' => $text]);

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testAPolicyIsFilledInOnAForm(): void
    {
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->send('/policies', '/policies/filled', ['policy[name]' => '', 'policy[from]' => '']));
        self::assertStringContainsString('What is it called?', $this->said());
        self::assertStringContainsString('From which day on', $this->said());
        self::assertSame(303, $this->send('/policies', '/policies/filled', [
            'policy[name]' => 'Pellam, new units', 'policy[maker]' => 'Pellam', 'policy[from]' => '2026-01-01', 'policy[months]' => '24',
            'policy[hours]' => '4000 h', 'policy[notice]' => '14',
        ]));
        $kept = self::em()->getRepository(ShopPolicy::class)->findOneBy(['policy' => 'pellam-new-units']) ?? self::fail();
        self::assertSame('maker', $kept->content['kind']);
        self::assertStringContainsString('24 months or 4000 h from delivery; parts; told within 14 days', $this->text('/policies'));
        self::assertSame(422, $this->send('/policies', '/policies/filled', [
            'policy[name]' => 'Without an end', 'policy[from]' => '2026-01-01', 'policy[hours]' => 'many',
        ]));
    }

    private function text(string $page): string
    {
        return $this->browser->request('GET', $page)->text();
    }

    public function testAPolicyIsTakenOnceItHoldsTogetherAndEveryFaultIsNamedWithItsLine(): void
    {
        $this->signIn(Role::Analyst);
        foreach ([
            [str_replace('months: 24', 'months: two', self::POLICY), 'months', 7],
            [str_replace('contamination', 'bad luck', self::POLICY), 'excludes', 9],
            [
                self::POLICY."\n  - valid: {from: 2026-03-01}\n    period: {from: delivery, months: 12}\n    covers: [parts]",
                'nothing is in force between',
                12,
            ],
            ['policy: [', '', 1],
            ['', 'is empty', 1],
        ] as [$text, $said, $line]) {
            self::assertSame(422, $this->take($text));
            $wrong = $this->browser->getCrawler()->filter('.wrong')->text();
            self::assertStringContainsString($said, $wrong);
            self::assertStringContainsString("Line $line", $wrong);
            self::assertStringContainsString(
                trim($text),
                $this->browser->getCrawler()->filter('#book-text')->text(normalizeWhitespace: false),
                'what was typed stays',
            );
        }
        self::assertSame(303, $this->take(self::POLICY));
        self::assertSame(303, $this->take(str_replace('months: 24', 'months: 18', self::POLICY)));
        $kept = self::em()->getRepository(ShopPolicy::class)->findBy(['policy' => 'pellam-new'], ['id' => 'ASC']);
        self::assertCount(2, $kept, 'the earlier one stays, out of force');
        self::assertNotNull($kept[0]->endedAt);
        self::assertNull($kept[1]->endedAt);
        self::assertStringContainsString('18 months or 4000 h from delivery', $this->browser->request('GET', '/policies')->text());
        $this->signIn(Role::Bench);
        $this->browser->request('POST', '/policies', ['text' => self::POLICY]);
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
    }

    public function testACaseIsPutToThePoliciesOfItsMaker(): void
    {
        $this->signIn(Role::Analyst);
        $this->take(self::POLICY);
        $this->take(
            str_replace(
                ['pellam-new', 'maker: Pellam', 'Pellam, new units'],
                ['dunmarrow-new', 'maker: Dunmarrow', 'Dunmarrow, new units'],
                self::POLICY,
            )
        );
        $case = $this->aCase('PW-1');
        [$case->maker, $case->serviceSinceNew] = ['pellam', '1800 h'];
        $origin = new ChainNode($case, NodeKind::Origin);
        [$origin->name, $origin->origin] = ['A seam', OriginKind::PartDefect];
        self::em()->persist($origin);
        self::em()->flush();
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/warranty')->text();
        self::assertStringContainsString('Pellam, new units: open', $page);
        self::assertStringContainsString('still missing: when it was delivered', $page);
        self::assertStringNotContainsString('Dunmarrow', $page);
        $this->take(
            str_replace(
                ['pellam-new', 'maker: Pellam', 'Pellam, new units', 'kind: maker'],
                ['our-repairs', '', 'On our repairs', 'kind: own-repair'],
                self::POLICY,
            )
        );
        self::assertStringNotContainsString(
            'On our repairs',
            $this->browser->request('GET', '/cases/'.$case->number.'/warranty')->text(),
            'it was never repaired here',
        );

        $form = $this->browser->request('GET', '/cases/'.$case->number.'/warranty')->selectButton('Keep it and judge anew')->form(
            [
                'warranty[delivered]' => '2024-03-15',
                'warranty[failed]' => '2025-06-01',
                'warranty[told]' => '2025-06-20',
                'warranty[oilSample]' => 'yes',
            ]
        );
        $this->browser->submit($form);
        self::assertResponseRedirects();
        $page = $this->browser->followRedirect()->text();
        self::assertStringContainsString('Pellam, new units: not covered', $page);
        self::assertStringContainsString('told on 20 Jun 2025, 19 days after it failed', $page);
        self::assertStringContainsString('1800 h until it failed', $page, 'hours come from the intake');
        self::assertStringContainsString('origin: part defect', $page, 'the cause comes from the chain');
        self::assertStringContainsString('still missing: seals intact on arrival', $page);
        self::assertStringContainsString(
            'Pellam, new units: not covered',
            $this->browser->request('GET', '/cases/'.$case->number.'/verdict')->text(),
        );

        $this->browser->request('GET', '/cases/'.$case->number.'/warranty');
        $this->browser->submit(
            $this->browser->getCrawler()->selectButton('Keep it and judge anew')->form(['warranty[told]' => '2025-06-32'])
        );
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('A day, such as 2026-03-01.', $this->said());
        self::assertSame(
            '2025-06-20',
            self::em()->getRepository(WarrantyFacts::class)->findOneBy(['case' => $case->id->toRfc4122()])?->told?->format('Y-m-d'),
        );
    }

    public function testThePartsThatMatterAreFollowedFromShelfToShelf(): void
    {
        $case = $this->aCase('PW-2');
        $this->signIn(Role::Bench);
        $entry = fn (string $what, string $day, string $place = 'shelf C2, tag 118', string $part = 'drive-gear'): int => $this->act(
            $case,
            'custody',
            ['part' => $part, 'what' => $what, 'day' => $day, 'place' => $place],
            'parts/drive-gear',
        );
        foreach (
            [
                ['sent', '2026-02-30', 'x', 'drive-gear', 'On which day?'],
                ['lost', '2026-03-01', 'x', 'drive-gear', 'What became of it?'],
                ['kept', '2026-03-01', ' ', 'drive-gear', 'Where is it?'],
                ['kept', '2026-03-01', 'x', 'moon', 'Which part?'],
                ['kept', '2099-01-01', 'x', 'drive-gear', 'has not come yet'],
                ['scrapped', '2026-03-01', 'x', 'drive-gear', 'First say where it was kept'],
            ] as [$what, $day, $place, $part, $said]
        ) {
            self::assertSame(422, $entry($what, $day, $place, $part));
            self::assertStringContainsString($said, $this->said());
        }
        self::assertSame(303, $entry('kept', '2026-03-01'));
        self::assertSame(303, $entry('sent', '2026-03-05', 'Vintrey, consignment 7781'));
        self::assertSame(422, $entry('back', '2026-03-04'), 'not before it was sent');
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/warranty')->filter('#custody')->text();
        self::assertMatchesRegularExpression(
            '/Drive gear and shaft: 1 Mar 2026 kept here, shelf C2, tag 118 \(test bench\) → 5 Mar 2026 sent out, Vintrey, '
                .'consignment 7781/',
            $page,
        );
        self::assertStringContainsString(
            '5 Mar 2026 sent out, Vintrey',
            $this->browser->request('GET', '/cases/'.$case->number.'/report')->filter('article.paper')->text(),
        );
    }

    public function testAComebackShowsWhatTheEarlierRepairDidNotDealWith(): void
    {
        [$earlier, $case] = [$this->aCase('PW-3'), $this->aCase('PW-3')];
        foreach (
            [
                [$earlier, 'suction-strainer', 'debris', 3],
                [$earlier, 'drive-gear', 'scoring', 1],
                [$case, 'drive-gear', 'scoring', 3],
            ] as [$of, $part, $mode, $grade]
        ) {
            $finding = new Finding($of, $part);
            [$finding->kind, $finding->mode, $finding->grade] = [FindingKind::Damage, $mode, $grade];
            self::em()->persist($finding);
        }
        $record = new PartRecord($earlier, 'drive-gear');
        $record->disposition = Disposition::Reuse;
        self::em()->persist($record);
        $case->comebackOf = $earlier;
        self::em()->flush();
        $this->signIn(Role::Analyst);
        $sheet = $this->browser->request('GET', '/cases/'.$case->number.'/warranty')->filter('#comeback')->text();
        self::assertStringContainsString('Comeback of '.$earlier->number, $sheet);
        self::assertMatchesRegularExpression('/Drive gear and shaft was put back in \(.*\), grade 1 then; now grade 3/', $sheet);
        self::assertStringContainsString('Suction strainer had grade 3 then, and nobody wrote down what became of it', $sheet);
        self::assertMatchesRegularExpression('/Suction strainer, .*: the debris of then had reached it/', $sheet);
        // 3.4 h of the book and three settings of a quarter hour at 60.00 an hour, as no other rate is set: 249.00.
        self::assertMatchesRegularExpression(
            '/What it costs us, without tax: 0\.00 EUR for 0 min at the bench so far, and 234\.00 EUR( to \S+ EUR)? for the repair/',
            $sheet,
        );
        self::assertCount(0, $this->browser->request('GET', '/cases/'.$earlier->number.'/warranty')->filter('#comeback'));
    }
}
