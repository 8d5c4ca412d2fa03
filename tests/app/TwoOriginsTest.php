<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\ChainStory;
use App\Claims\Claims;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Repair\Offers;
use App\Verdict\Explained;
use App\Verdict\Missing;
use App\Verdict\Signing;
use App\Verdict\Verdict;
use App\Verdict\Warranty\JudgedAnswer;
use App\Verdict\Warranty\Policies;
use App\Verdict\Warranty\PolicyText;
use App\Verdict\Warranty\ShopPolicy;
use App\Verdict\Warranty\WarrantyFacts;
use Doctrine\DBAL\Exception\DriverException;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Verdict\Policy\Standing;
use Japhrex\Core\Verdict\Responsibility;
use Twig\Environment;

/** A pump that leaks for one reason and has lost its flow for another: each complaint is answered by its own origin. */
final class TwoOriginsTest extends AppTestCase
{
    private const POLICY = "policy: pellam-new\nname: Pellam, new units\nkind: maker\nmaker: Pellam\neditions:\n  - valid: "
        ."{from: 2024-01-01}\n    "
        ."period: {from: delivery, months: 24}\n    covers: [parts, labour]\n    excludes: [contamination]\n    proofs: []\n";

    private function complaint(CaseFile $case, string $what, string $words): Complaint
    {
        $complaint = new Complaint($case);
        [$complaint->what, $complaint->words] = [$what, $words];
        $case->complaints->add($complaint);
        self::em()->persist($complaint);

        return $complaint;
    }

    /** @param array{string, OriginKind} $origin */
    private function chain(CaseFile $case, array $origin, string $damage, string $place, Complaint $complaint): ChainNode
    {
        $nodes = array_map(
            static fn (NodeKind $kind): ChainNode => new ChainNode($case, $kind),
            [NodeKind::Origin, NodeKind::Damage, NodeKind::Complaint],
        );
        [[$nodes[0]->name, $nodes[0]->origin], $nodes[0]->evidence] = [$origin, 'seen'];
        [$nodes[1]->name, $nodes[1]->place, $nodes[1]->spot] = [$damage, $place, 'damage:scoring@'.$place];
        [$nodes[2]->name, $nodes[2]->complaint] = [$complaint->what, $complaint];
        foreach ([[0, 1], [1, 2]] as [$from, $to]) {
            $link = new ChainLink($case);
            [$link->from, $link->to, $link->mechanism] = [$nodes[$from], $nodes[$to], 'abrasion'];
            self::em()->persist($link);
        }
        array_map(self::em()->persist(...), $nodes);

        return $nodes[0];
    }

    private function twoOrigins(): CaseFile
    {
        $case = $this->aCase('TW-1');
        $case->maker = 'Pellam';
        [$flow, $leak] = [
            $this->complaint($case, 'low-flow', 'The winch creeps.'),
            $this->complaint($case, 'leak-shaft', 'A puddle under the shaft.'),
        ];
        $dirt = $this->chain(
            $case,
            ['Sand let in at the hose', OriginKind::Contamination],
            'Scoring, front bearing block, running face',
            'front-block/face',
            $flow,
        );
        $this->chain($case, ['Seal lip cut by its maker', OriginKind::PartDefect], 'Scoring, shaft seal, lip', 'shaft-seal/lip', $leak);
        $verdict = new Verdict($case, 1);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [$dirt, Responsibility::Maintenance, 'Sand cut the block.'];
        $facts = new WarrantyFacts($case);
        [$facts->delivered, $facts->failed] = [new \DateTimeImmutable('today -200 days'), new \DateTimeImmutable('today -10 days')];
        $content = self::service(PolicyText::class)->content(self::POLICY);
        self::em()->persist(new ShopPolicy('pellam-new', self::POLICY, $content, $this->person(Role::Analyst)));
        array_map(self::em()->persist(...), [$verdict, $facts]);
        self::em()->flush();

        return $case;
    }

    /** The leak gets its own answer, by the page. */
    private function answered(CaseFile $case): Verdict
    {
        $this->signIn(Role::Analyst);
        $leak = $case->complaints->last() ?: self::fail();
        $page = $this->browser->request('GET', "/cases/{$case->number}/verdict");
        $form = $page->filter("form[action$='/verdict/complaints/{$leak->id}']")->selectButton('Save it')->form();
        $name = explode(
            '[',
            (string) array_key_first(array_filter($form->all(), static fn ($field): bool => str_starts_with($field->getName(), 'own_'))),
        )[0];
        $lip = self::em()->getRepository(ChainNode::class)->findOneBy(['case' => $case, 'name' => 'Seal lip cut by its maker']);
        $this->browser->submit(
            $form,
            [
                $name.'[origin]' => (string) $lip?->id,
                $name.'[responsibility]' => 'part-supplier',
                $name.'[statement]' => 'The lip was cut before it was fitted.',
            ],
        );
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());

        return self::service(Signing::class)->current($this->fresh($case));
    }

    public function testAnOriginThatTheChainDoesNotLeadFromIsNoAnswer(): void
    {
        $case = $this->twoOrigins();
        $missing = self::service(Missing::class);
        $verdict = self::service(Signing::class)->current($case);
        self::assertSame(
            ['a way in the chain from “Sand let in at the hose” to “Leak at the shaft”, or an origin of its own for that complaint'],
            $missing->missingFrom($verdict),
        );
        self::assertSame([], $missing->missingFrom($this->answered($case)));
    }

    public function testEachComplaintIsAnsweredByItsOwnOriginOnEveryPaper(): void
    {
        $case = $this->twoOrigins();
        $verdict = $this->answered($case);
        $case = $verdict->case;
        self::assertSame(['Sand let in at the hose' => ['low-flow'], 'Seal lip cut by its maker' => ['leak-shaft']], array_combine(
            array_map(static fn (Explained $one): string => (string) $one->by->found(), $verdict->explained()),
            array_map(
                static fn (Explained $one): array => array_map(
                    static fn (Complaint $complaint): string => $complaint->what,
                    $one->complaints,
                ),
                $verdict->explained(),
            ),
        ));

        // The policy excludes dirt, and answers for the seal.
        $each = self::service(Policies::class)->each($case);
        self::assertSame(
            [Standing::NotCovered, Standing::Covered],
            array_map(static fn (JudgedAnswer $one): Standing => $one->judged[0]->standing(), $each),
        );
        $claim = self::service(Claims::class)->draft($case, $each[1]->judged[0], $this->person(Role::Desk), $each[1]->for?->own());
        self::assertStringContainsString(
            "Complaint: A puddle under the shaft.\nDamage chain: seal lip cut by its maker, then",
            $claim->statement,
        );
        self::assertStringNotContainsString('winch', $claim->statement);
        self::assertStringNotContainsString('Sand', $claim->statement);
        $about = $each[1]->for?->about();
        $told = self::service(ChainStory::class);
        $story = self::service(Environment::class)->render(
            'report/_story.html.twig',
            ['case' => $case, 'print' => true, 'paths' => $told->paths($case, $about), 'story' => $told->tell($case, $about)],
        );
        self::assertStringContainsString('Seal lip cut', $story);
        self::assertStringNotContainsString('Sand let in', $story);

        // The customer reads both, in plain sentences.
        $told = self::service(Offers::class)->suggested($case)->story;
        self::assertStringContainsString(
            'You told us: “The winch creeps”. What started it: sand let in at the hose. After that the front bearing block got '
                ."grooves at the running face. That is what you noticed.\n\nSand cut the block.",
            $told,
        );
        self::assertStringContainsString('You told us: “A puddle under the shaft”. What started it: seal lip cut by its maker.', $told);

        $report = $this->browser->request('GET', "/cases/{$case->number}/report")->filter('article.paper')->text();
        self::assertStringContainsString(
            'Leak at the shaft Seal lip cut by its maker (part defect). Carried by: supplier of a part. The lip was cut before it '
                .'was fitted.',
            $report,
        );
    }

    public function testSharesAreDividedForEachOriginAndRestOnItsOwnLinks(): void
    {
        $verdict = $this->answered($this->twoOrigins());
        $leak = $verdict->explained()[1];
        $foreign = self::em()->getRepository(ChainLink::class)->findOneBy(
            ['case' => $verdict->case, 'from' => $verdict->origin]
        ) ?? self::fail();
        try {
            self::service(Signing::class)->share($leak, ['part-supplier' => '100'], ['part-supplier' => [(string) $foreign->id]]);
            self::fail('a share of the leak cannot rest on the way of the sand');
        } catch (\DomainException $error) {
            self::assertStringContainsString('which links of the chain', $error->getMessage());
        }
        $own = self::em()->getRepository(ChainLink::class)->findOneBy(
            ['case' => $verdict->case, 'from' => $leak->by->origin]
        ) ?? self::fail();
        self::service(Signing::class)->share(
            $leak,
            ['part-supplier' => '80', 'installer' => '20'],
            ['part-supplier' => [(string) $own->id], 'installer' => [(string) $own->id]],
        );
        self::assertSame(
            [[], ['part-supplier', 'installer']],
            array_map(static fn (Explained $one): array => array_column($one->by->shares, 'who'), $verdict->explained()),
        );
    }

    public function testWhatWasAnsweredIsSignedWithTheVerdictAndStays(): void
    {
        $verdict = $this->answered($this->twoOrigins());
        $signing = self::service(Signing::class);
        $signing->sign($verdict, $this->person(Role::Analyst));
        self::assertSame('The lip was cut before it was fitted.', $verdict->snapshot()['verdict']['own'][0]['statement'] ?? null);
        $signing->second($verdict, $this->person(Role::Analyst, 'second'));
        $leak = $verdict->case->complaints->last() ?: self::fail();
        self::assertSame(409, $this->act($verdict->case, "verdict/complaints/{$leak->id}/as-above", [], 'verdict'));

        $next = $signing->reopen($verdict->case, 'the supplier sent the seal back');
        self::assertSame('Seal lip cut by its maker', ($next->own->first() ?: self::fail())->found());
        try {
            self::em()->getConnection()->executeStatement(
                "UPDATE own_answer SET statement = 'otherwise' WHERE verdict_id = ?",
                [$verdict->id],
            );
            self::fail('it was signed');
        } catch (DriverException $error) {
            self::assertStringContainsString('a signed verdict is superseded, never changed', $error->getMessage());
        }
    }

    public function testAnOriginLeavesTheChainOfARevisionAndStandsInWhatWasSigned(): void
    {
        $verdict = $this->answered($this->twoOrigins());
        $signing = self::service(Signing::class);
        $signing->sign($verdict, $this->person(Role::Analyst));
        $signing->second($verdict, $this->person(Role::Analyst, 'second'));
        $signing->reopen($verdict->case, 'the sand was never there');
        $origin = $verdict->origin ?? self::fail();
        self::assertSame(303, $this->act($verdict->case, "chain/nodes/{$origin->id}/remove", [], 'chain'));
        $names = static fn (Verdict $of): array => array_map(static fn (Explained $one): ?string => $one->by->found(), $of->explained());
        $case = $this->fresh($verdict->case);
        $signed = self::em()->find(Verdict::class, $verdict->id) ?? self::fail();
        self::assertSame(['Sand let in at the hose', 'Seal lip cut by its maker'], $names($signed), 'as it was signed');
        self::assertSame([null, 'Seal lip cut by its maker'], $names($signing->current($case)), 'the revision has to name another');
        // A complaint that a signed answer is for stays, and says why.
        $leak = $case->complaints->last() ?: self::fail();
        self::assertSame(409, $this->act($case, "intake/complaints/{$leak->id}/remove", [], 'intake'));
        self::assertStringContainsString('This stays as it is: a signed verdict is superseded, never changed.', $this->said());
    }
}
