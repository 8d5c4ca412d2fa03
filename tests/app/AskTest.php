<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Measuring\Reading;
use App\Memory\Ask\Completion;
use App\Memory\Ask\Completions;
use Japhrex\Core\Damage\FindingKind;

/** The cases of the shop answer a line: by what was found, measured, said and signed. */
final class AskTest extends AppTestCase
{
    private function scored(string $customer, string $part, int $grade): CaseFile
    {
        $case = $this->aCase();
        $case->customer = $customer;
        $find = new Finding($case, $part);
        $find->sawDamage('scoring', $grade, 'Rings that a nail feels.', 'face');
        $clean = new Finding($case, 'shaft-seal');
        $clean->kind = FindingKind::Clean;
        self::em()->persist($find);
        self::em()->persist($clean);
        self::em()->flush();

        return $case;
    }

    /** @return list<string> numbers of the cases that are found */
    private function found(string $line, string $sort = 'newest'): array
    {
        $page = $this->browser->request('GET', '/cases?sort='.$sort.'&q='.urlencode($line));
        self::assertResponseIsSuccessful($line);

        return $page->filter('.floorlist li > .num:first-child')->each(static fn ($node): string => $node->text());
    }

    public function testAllGearPumpsWithScoredBlocksOfThisCustomerInTheLastYearAreOneLine(): void
    {
        $this->signIn(Role::Viewer);
        $bad = $this->scored('Cable ferry, ramp', 'front-block', 3)->number;
        $other = $this->scored('Timber yard', 'front-block', 3)->number;
        $slight = $this->scored('Cable ferry, ramp', 'rear-block', 1)->number;
        self::assertSame([$bad], $this->found('gear-pump block scored>=3 customer:"cable ferry" last:year'));
        self::assertSame([$slight], $this->found('block scored<=2 customer:"cable ferry"'));
        self::assertSame([$other], $this->found('block scored -customer:"cable ferry"'));
        self::assertSame([$slight, $bad], $this->found('clean:shaft-seal customer:"cable ferry"'));
        self::assertSame([], $this->found('clean:front-block customer:"cable ferry" block scored>=3'), 'damage was found on it');
        self::assertSame([$slight, $other, $bad], $this->found('"nail feels"'), 'as it is written');
        self::assertSame([$slight, $other, $bad], $this->found('"grooved"'), 'scored is another word for it');
        self::assertSame([$slight, $bad, $other], $this->found('"nail feels"', 'customer'), 'by customer, the newest first');
        self::assertSame([$bad, $other, $slight], $this->found('"nail feels"', 'oldest'));
    }

    public function testItIsToldIntoWhatTheFoundPartTheLargestFirst(): void
    {
        $this->signIn(Role::Viewer);
        // What a scanner puts between two fields may have come in with a name.
        foreach (['Timber yard', "Cable\x1Fferry", 'Fish quay', 'Timber yard'] as $customer) {
            $this->scored($customer, 'front-block', 3)->model = 'Fish quay' === $customer ? 'G40' : 'G28';
            self::em()->flush();
        }
        $page = $this->browser->request('GET', '/cases?q='.urlencode('block scored'));
        $groups = [];
        $page->filter('.facets > div')->each(static function ($group) use (&$groups): void {
            $groups[$group->filter('dt')->text()] = $group->filter('dd')->each(
                static fn ($one): string => trim((string) preg_replace('/\s+/', ' ', $one->text())),
            );
        });
        self::assertSame(['Timber yard 2', 'Cableferry 1', 'Fish quay 1'], $groups['Customer'] ?? null);
        self::assertSame(['G28 3', 'G40 1'], $groups['Model'] ?? null);
        self::assertArrayNotHasKey('Family', $groups, 'all are of one');
    }

    public function testALineThatCannotBeReadSaysWhereAndKeepsWhatWasTyped(): void
    {
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/cases?q='.urlencode('block stage:garage'));
        self::assertResponseStatusCodeSame(422);
        self::assertSame('stage:garage', $page->filter('.unread mark')->text());
        self::assertSame('block stage:garage', $page->filter('#search')->attr('value'));
        $this->browser->request('GET', '/cases.csv?q='.urlencode('stage:garage'));
        self::assertResponseStatusCodeSame(422);
    }

    public function testAPageBeyondTheLastAndAQuestionWithoutAnAnswerSayWhatToDo(): void
    {
        $this->scored('Cable ferry', 'front-block', 3);
        $this->signIn(Role::Viewer);
        self::assertStringContainsString('There is no page 7', $this->browser->request('GET', '/cases?page=7')->filter('main')->text());
        self::assertStringContainsString('Take a word away', $this->browser->request('GET', '/cases?q=zzz')->filter('main')->text());
    }

    public function testWhatIsTappedStandsInTheAddress(): void
    {
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases?q=noise&part=front-block&grade=3&family=');
        self::assertResponseRedirects('/cases?q='.strtr(urlencode('noise part:front-block grade>=3'), ['+' => '%20', '%3A' => ':']));
    }

    public function testAFoundListIsTakenAwayAsATable(): void
    {
        $case = $this->scored('=Cable ferry', 'front-block', 3);
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases.csv?q=block+scored');
        $rows = explode("\n", trim($this->browser->getInternalResponse()->getContent()));
        self::assertStringStartsWith('number,family,unit,model,serial,customer', $rows[0]);
        self::assertCount(2, $rows);
        self::assertStringContainsString($case->number, $rows[1]);
        self::assertStringContainsString('\'=Cable ferry', $rows[1], 'no table begins to reckon by what somebody is called');
        $this->browser->request('GET', '/cases.json?q=block+scored');
        $found = json_decode($this->browser->getInternalResponse()->getContent(), true, 512, \JSON_THROW_ON_ERROR);
        self::assertSame([$case->number, 3], [$found['cases'][0]['number'], $found['cases'][0]['worst grade']]);
    }

    public function testAQuestionIsKeptForOneselfOrForTheShop(): void
    {
        $this->signIn(Role::Bench);
        $keep = function (string $name, string $for): int {
            $this->browser->request('POST', '/cases/saved', [
                'line' => 'block scored', 'name' => $name, 'for' => $for, '_token' => $this->token('/cases?q=block+scored'),
            ]);

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame(303, $keep('Mine', 'me'));
        self::assertSame(303, $keep('Ours', 'shop'));
        self::assertSame(422, $keep('', 'me'));
        self::assertStringContainsString('Mine', $this->browser->request('GET', '/')->filter('main')->text());
        $this->signIn(Role::Viewer);
        $floor = $this->browser->request('GET', '/')->filter('main')->text();
        self::assertStringContainsString('Ours', $floor);
        self::assertStringNotContainsString('Mine', $floor);
    }

    public function testAChangeIsRememberedWithTheChangeAndALostCaseIsForgotten(): void
    {
        $this->signIn(Role::Viewer);
        $case = $this->scored('Cable ferry', 'front-block', 3);
        self::assertSame([$case->number], $this->found('block scored'));
        $find = self::em()->getRepository(Finding::class)->findOneBy(['part' => 'front-block']) ?? self::fail('It is kept.');
        $find->sawDamage('polishing', 1, '', 'face');
        self::em()->flush();
        self::assertSame([], $this->found('block scored'));
        self::assertSame([$case->number], $this->found('block polished'));
        self::em()->getConnection()->executeStatement('DELETE FROM case_file');
        self::assertSame([], $this->found(''));
    }

    public function testACaseWhoseBookIsGoneDoesNotTakeTheFloorDown(): void
    {
        $case = $this->scored('Cable ferry', 'front-block', 3);
        $lost = "UPDATE case_file SET family = 'own-lost' WHERE id = :id";
        self::em()->getConnection()->executeStatement($lost, ['id' => (string) $case->id]);
        self::em()->clear();
        $this->signIn(Role::Viewer);
        self::assertStringContainsString($case->number, $this->browser->request('GET', '/')->filter('main')->text());
        self::assertSame([$case->number], $this->found('customer:"cable ferry"'));
    }

    public function testTheLastWordIsCompleted(): void
    {
        $this->scored('Cable ferry', 'front-block', 3);
        $this->signIn(Role::Viewer);
        $this->found('');
        $lines = static fn (string $line): array => array_map(
            static fn (Completion $one): string => $one->line,
            self::service(Completions::class)->of($line),
        );
        self::assertContains('noise customer:', $lines('noise cust'));
        self::assertSame(['noise customer:"Cable ferry" '], $lines('noise customer:cab'));
        self::assertContains('front-block scoring ', $lines('front-block scor'));
        self::assertSame(['is:comeback '], $lines('is:com'));
        self::assertSame(['customer:"Cable ferry" '], $lines('customer:"cable '), 'within a quotation, too');
        $case = $this->scored('Cable works', 'front-block', 3);
        $gauges = ['drive-gear/journal' => 'Micrometer 2', 'driven-gear/journal' => 'micrometer 1', 'drive-gear/seal-land' => 'Calliper'];
        foreach ($gauges as $at => $with) {
            $reading = new Reading($case, ...explode('/', $at));
            [$reading->typed, $reading->gaugeName] = [['19.98 mm'], $with];
            self::em()->persist($reading);
        }
        self::em()->flush();
        $this->found('');
        self::assertSame(['customer:"Cable ferry" ', 'customer:"Cable works" '], $lines('customer:cable'));
        self::assertSame(['gauge:"micrometer 1" ', 'gauge:"Micrometer 2" '], $lines('gauge:mic'), 'each once');
        self::assertSame(['gauge:Calliper '], $lines('gauge:cal'));
        self::assertSame([], $lines('gauge:%'), 'a sign is a sign');
    }

    public function testACustomerAModelAMachineAndASerialHaveTheirPage(): void
    {
        $case = $this->scored('Cable ferry', 'front-block', 3);
        [$case->serial, $case->serialKey, $case->unitName] = ['VG-1', 'VG1', 'Ramp pump'];
        self::em()->flush();
        $this->signIn(Role::Viewer);
        foreach (['customer?is=Cable+ferry', 'machine?is=Ramp+pump&of=Cable+ferry', 'serial?is=VG-1'] as $about) {
            $page = $this->browser->request('GET', '/about/'.$about)->filter('main')->text();
            self::assertStringContainsString($case->number, $page, $about);
            self::assertStringContainsString('Front bearing block', $page, $about);
        }
        self::assertStringContainsString(
            'may be written otherwise',
            $this->browser->request('GET', '/about/customer?is=Cable')->filter('main')->text(),
            'it is the whole name',
        );
        $this->browser->request('GET', '/about/customer');
        self::assertResponseStatusCodeSame(404);
    }
}
