<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\CaseChain;
use App\Chain\Engine\CaseFacts;
use App\Intake\CaseFile;
use App\Intake\CaseNumbers;
use App\Intake\Complaint;
use App\Intake\IntakePage;
use App\Intake\Stage;
use App\Proof\Handover;
use App\Verdict\Verdict;
use Japhrex\Core\Chain\ClosureProblem;
use Japhrex\Core\Chain\ClosureRule;
use Japhrex\Core\Chain\Ground\ToldFact;
use Symfony\Component\DomCrawler\Crawler;

final class IntakeTest extends AppTestCase
{
    public function testTheSameSerialIsRecognisedHoweverItIsWritten(): void
    {
        $earlier = $this->aCase('VG28-20417');
        $this->signIn(Role::Desk);
        $this->browser->request('GET', '/intake/earlier?serial=vg28%2020417');
        self::assertStringContainsString($earlier->number, $this->said());
        $this->browser->request('GET', '/intake/earlier?serial=28');
        self::assertSame('', trim($this->said()));
    }

    public function testAUnitTakenInUnderAKnownSerialBecomesAComeback(): void
    {
        $earlier = $this->aCase('VG28-20417');
        $this->signIn(Role::Desk);
        $form = $this->browser->request('GET', '/cases/new?family=external-gear-pump')->selectButton('Take it in')->form(
            ['unit[customer]' => 'Fish quay', 'unit[serial]' => 'VG28 20417']
        );
        $this->browser->request('POST', '/cases/new?family=external-gear-pump', $form->getPhpValues() + ['earlier' => 'comeback']);
        self::assertResponseRedirects();
        $case = self::em()->getRepository(CaseFile::class)->findOneBy([], ['id' => 'DESC']);
        self::assertSame($earlier->number, $case?->comebackOf?->number);
    }

    public function testTheWordsFitWhatIsInIt(): void
    {
        $this->signIn(Role::Desk);
        $legends = function (string $family): string {
            $case = new CaseFile(self::service(CaseNumbers::class)->next(), $family);
            self::em()->persist($case);
            self::em()->flush();

            return implode('; ', $this->browser->request('GET', '/cases/'.$case->number.'/intake')->filter('#arrival legend')->each(
                static fn (Crawler $one): string => $one->text(),
            ));
        };
        self::assertStringContainsString('Oil in it; Water in the oil; Metal in the oil', $legends('external-gear-pump'));
        self::assertStringContainsString('Spray in it; Metal in the spray', $legends('roller-pump'));
        self::assertStringNotContainsString('Water in the', $legends('centrifugal-pump'));
        self::assertStringEndsWith('Metal in it; Seals and tags intact', $legends('vane-pump-dry'), 'nothing in it may ever be oiled');
    }

    public function testWhatTheBookKnowsOfAModelIsFilledInAndMarkedUntilItIsReadOnTheUnit(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        $stands = function () use ($case): array {
            $case = $this->fresh($case);

            return [$case->displacement, $case->rotation?->value, $case->isFromBook('displacement'), $case->isFromBook('rotation')];
        };
        $this->send($page, '/intake/unit', ['unit[maker]' => 'dunmarrow', 'unit[model]' => 'P 25']);
        self::assertSame(['25.4 cm3/rev', 'left', true, true], $stands());
        self::assertStringContainsString('From the book of the Dunmarrow P-25', $this->browser->request('GET', $page)->text());

        $this->send($page, '/intake/unit', ['unit[displacement]' => '26 cm3/rev']);
        self::assertSame(['26 cm3/rev', 'left', false, true], $stands(), 'what somebody types stands, and is no longer the book\'s');
        $this->send($page, '/intake/unit', ['unit[maker]' => 'Vintrey', 'unit[model]' => 'G28']);
        self::assertSame(['26 cm3/rev', 'right', false, true], $stands(), 'what the other model filled in goes with it');
        $this->send($page, '/intake/unit', ['unit[isRead]' => '1']);
        self::assertSame(['26 cm3/rev', 'right', false, false], $stands());
        $this->send($page, '/intake/unit', ['unit[displacement]' => '']);
        self::assertSame(['', 'right', false, false], $stands(), 'what somebody has cleared is not filled in again');
    }

    public function testOnlyWhatWentOutIsProposedAsComingBackAndNeverSetByItself(): void
    {
        $earlier = $this->aCase('VG28-20417');
        $this->signIn(Role::Desk);
        $asked = fn (): Crawler => $this->browser->request('GET', '/intake/earlier?serial=vg28+20417');
        self::assertCount(0, $asked()->filter('input[type=checkbox]'), 'it is still on the bench');
        self::assertStringContainsString('is it taken in twice?', $this->said());
        self::em()->persist($handover = new Handover($earlier));
        $handover->goneAt = new \DateTimeImmutable('-3 days');
        self::em()->flush();
        $box = $asked()->filter('input[type=checkbox]');
        self::assertCount(1, $box);
        self::assertNull($box->attr('checked'));
    }

    public function testACaseIsFoundByPartsOfWordsAndByAWordThatIsWrittenALittleOtherwise(): void
    {
        $case = $this->aCase('VG28-20417');
        $case->customer = 'Harbour Dredging';
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $found = fn (string $words): bool => 0 < $this->browser->request('GET', '/cases?q='.urlencode($words))
            ->filter('.floorlist .num:contains("'.$case->number.'")')->count();
        self::assertTrue($found('dredg pump'));
        self::assertTrue($found('8 204'), 'part of a serial, however it is written');
        self::assertTrue($found('dreging'), 'a letter is missing');
        self::assertFalse($found('dredging gearbox'), 'every word must be there');
        self::assertFalse($found('20418'), 'a number is not taken for another');
    }

    public function testABadFieldKeepsEverythingThatWasTyped(): void
    {
        $this->signIn(Role::Desk);
        $this->browser->submitForm(
            $this->browser->request('GET', '/cases/new?family=external-gear-pump')->selectButton('Take it in')->text(),
            [
                'unit[customer]' => '',
                'unit[unitName]' => 'Ramp pump',
                'unit[displacement]' => '22 bar',
                'unit[tag]' => str_repeat('x', 400),
            ],
        );
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('Whose unit is it?', $this->said());
        self::assertStringContainsString('"bar" is no unit of displacement', $this->said());
        self::assertInputValueSame('unit[unitName]', 'Ramp pump');
        self::assertInputValueSame('unit[displacement]', '22 bar');
    }

    public function testSeveralComplaintsStandOnTheirOwn(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        foreach (['low-flow' => 'It gets slow.', 'leak-shaft' => 'And it drips.'] as $what => $words) {
            self::assertSame(
                303,
                $this->send(
                    $page,
                    '/intake/complaints',
                    [
                        'complaint[what]' => $what,
                        'complaint[words]' => $words,
                        'complaint[warmth]' => 'hot',
                        'complaint[after]' => '20 min',
                    ],
                ),
            );
        }
        $this->browser->request('GET', $page);
        self::assertStringContainsString('Low flow or slow movement hot after 20 min', $this->said());
        self::assertStringContainsString('And it drips.', $this->said());
        self::assertSame(422, $this->send($page, '/intake/complaints', ['complaint[words]' => 'kept']));
        self::assertStringContainsString('kept', (string) $this->browser->getResponse()->getContent());
    }

    public function testTwoPeopleOnOneFormLoseNothing(): void
    {
        $case = $this->aCase('S1');
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        $mine = $this->browser->request('GET', $page)->filter('form[action$="/intake/unit"]')->form();
        // Meanwhile somebody changes the maker and the serial.
        $this->send($page, '/intake/unit', ['unit[maker]' => 'Pellam', 'unit[serial]' => 'S2']);

        // I change only the model: their maker stays, nothing is asked.
        $first = clone $mine;
        $this->browser->submit($first, ['unit[model]' => 'P9']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $case = $this->fresh($case);
        self::assertSame(['Pellam', 'P9', 'S2'], [$case->maker, $case->model, $case->serial]);

        // I change the serial too: both values are shown, nothing is overwritten.
        $second = clone $mine;
        $crawler = $this->browser->submit($second, ['unit[serial]' => 'S3']);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('somebody saved “S2”; you typed “S3”', $this->said());
        $case = $this->fresh($case);
        self::assertSame('S2', $case->serial);

        // Saving once more puts mine, deliberately.
        $this->browser->submit($crawler->filter('form[action$="/intake/unit"]')->form());
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $case = $this->fresh($case);
        self::assertSame('S3', $case->serial);
    }

    public function testAFieldIsSavedAtOnceWithAQuietMark(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $form = $this->browser->request(
            'GET',
            '/cases/'.$case->number.'/intake',
        )->filter('form[action$="/intake/arrival"]')->form(['arrival[shaft]' => 'stiff']);
        $this->browser->request('POST', $form->getUri(), $form->getPhpValues(), server: ['HTTP_X_AUTOSAVE' => '1']);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('id="saved_arrival"', (string) $this->browser->getResponse()->getContent());
        self::assertStringContainsString('hx-swap-oob', (string) $this->browser->getResponse()->getContent());
        $case = $this->fresh($case);
        self::assertSame('stiff', $case->arrival?->shaft?->value);
    }

    public function testContradictingStatementsStandSideBySide(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        $this->send(
            $page,
            '/intake/statements',
            ['statement[words]' => 'The hose burst.', 'statement[who]' => 'driver', 'statement[source]' => 'first-hand'],
        );
        foreach (['foreman' => 'No hose ever burst.', 'harbour master' => 'I saw the oil on the water.'] as $who => $words) {
            $last = $this->browser->request('GET', $page)->filter('#statement_contradicts option')->last()->attr('value');
            $this->send($page, '/intake/statements', [
                'statement[words]' => $words,
                'statement[who]' => $who,
                'statement[source]' => 'hearsay',
                'statement[contradicts]' => (string) $last,
            ]);
        }
        $this->browser->request('GET', $page);
        self::assertMatchesRegularExpression(
            '/The hose burst\. driver, first hand.*against it No hose ever burst\. foreman, hearsay.*against it I saw the oil/',
            $this->said(),
        );
    }

    public function testAStatementCountsAsEvidenceUnlessAnotherContradictsIt(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        $say = fn (string $who, array $more): int => $this->send($page, '/intake/statements', [
            'statement[words]' => 'About the oil.', 'statement[who]' => $who, 'statement[source]' => 'first-hand', ...$more,
        ]);
        $told = static function () use ($case): array {
            self::em()->clear();
            $now = self::em()->getRepository(CaseFile::class)->findOneBy(['number' => $case->number]) ?? self::fail();

            return array_map(
                static fn (ToldFact $one): string => ($one->is ? '' : 'not ').$one->key,
                self::service(CaseFacts::class)->factsOf($now)->told,
            );
        };
        $say('driver', []);
        self::assertSame([], $told(), 'what means nothing to the engine is kept and not weighed');
        $say('driver', ['statement[means]' => 'ran-dry']);
        $say('fitter', ['statement[means]' => 'other-oil', 'statement[meansNot]' => '1']);
        self::assertSame(['ran-dry', 'not other-oil'], $told());
        $this->browser->request('GET', $page);
        self::assertStringContainsString('weighed as: It ran dry', $this->said());
        self::assertStringContainsString('weighed as: not so: Another fluid was filled', $this->said());
        $say('foreman', ['statement[means]' => 'ran-dry', 'statement[meansNot]' => '1']);
        self::assertSame(['not other-oil'], $told(), 'one says so, another not: nobody knows');
    }

    public function testWhatWasTriedInVainIsEvidenceAndIsTold(): void
    {
        $case = $this->aCase();
        $page = '/cases/'.$case->number.'/intake';
        $this->signIn(Role::Desk);
        self::assertSame(422, $this->send($page, '/intake/tried', ['tried[changed]' => 'nothing']), 'what was it that changed nothing?');
        self::assertStringContainsString('What was tried? Choose it, or say it in words.', $this->said());
        self::assertSame(303, $this->send($page, '/intake/tried', ['tried[what]' => 'oil-renewed', 'tried[changed]' => 'nothing']));
        self::assertSame(303, $this->send($page, '/intake/tried', ['tried[words]' => 'Sung to', 'tried[changed]' => 'better']));
        $told = self::service(CaseFacts::class)->factsOf($this->fresh($case))->told;
        self::assertSame(['oil-renewed:nothing'], array_column($told, 'key'), 'what nobody knows the meaning of is told and not weighed');
        $this->browser->request('GET', $page);
        self::assertStringContainsString('Fluid renewed It changed: nothing', $this->said());
        self::assertStringContainsString('Sung to It changed: better since', $this->said());
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('Tried before: fluid renewed. It changed: nothing.', $this->said());
    }

    /** A complaint that is normal asks for no path, is nothing to the engine, and can be signed without an origin. */
    public function testAComplaintCanEndAsNoFailureWithItsReason(): void
    {
        $case = $this->aCase();
        $page = '/cases/'.$case->number.'/intake';
        $this->signIn(Role::Analyst);
        $this->send($page, '/intake/complaints', ['complaint[what]' => 'noise']);
        $open = fn (): array => array_map(
            static fn (ClosureProblem $one): ClosureRule => $one->rule,
            self::service(CaseChain::class)->problems($this->fresh($case)),
        );
        self::assertContains(ClosureRule::ComplaintUnexplained, $open());
        $name = IntakePage::formName($this->fresh($case)->complaints->first() ?: self::fail('it was not kept'));
        $ends = fn (string $because): int => $this->send($page.'?change='.$this->fresh($case)->complaints->first()->id, '/complaints/'
            .$this->fresh($case)->complaints->first()->id, [
                $name.'[ends]' => 'normal', $name.'[endsBecause]' => $because,
            ]);
        self::assertSame(422, $ends(''));
        self::assertStringContainsString('On what does that rest?', $this->said());
        self::assertSame(303, $ends('Every pump of the type hums at 1500 rpm; two others on the stand, the same.'));
        self::assertNotContains(ClosureRule::ComplaintUnexplained, $open());
        self::assertSame([], self::service(CaseFacts::class)->factsOf($this->fresh($case))->complaints);
        $answer = (new Verdict($this->fresh($case), 1))->explained()[0];
        self::assertTrue($answer->isNoFailure());
        self::assertSame('Normal for this unit, and explained', $answer->found());
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('No failure: normal for this unit, and explained. Every pump of the type hums', $this->said());
    }

    public function testTheFloorFindsByNumberUnitSerialAndCustomer(): void
    {
        $case = $this->aCase('VG28-20417');
        $this->signIn(Role::Viewer);
        foreach (['ice pump', 'VG28 20417', '2041', 'fish', 'Fish ice'] as $words) {
            $this->browser->request('GET', '/cases?q='.urlencode($words));
            self::assertStringContainsString($case->number, $this->said(), $words);
        }
        $this->browser->request('GET', '/cases?q=100%25');
        self::assertStringContainsString('Nothing is found', $this->said());
        $this->browser->request('GET', '/cases?q='.strtolower($case->number));
        self::assertResponseRedirects('/cases/'.$case->number);
    }

    public function testACaseOnlyMovesForwardUntilItIsSigned(): void
    {
        self::assertTrue(Stage::Intake->mayMoveTo(Stage::Chain));
        self::assertFalse(Stage::Chain->mayMoveTo(Stage::Strip));
        self::assertFalse(Stage::Signed->mayMoveTo(Stage::Chain));
        self::assertTrue(Stage::Signed->mayMoveTo(Stage::Verdict));
    }

    public function testAComplaintOfAnotherCaseCannotBeReachedThroughThisOne(): void
    {
        $case = $this->aCase();
        $complaint = new Complaint($this->aCase());
        $complaint->what = 'noise';
        self::em()->persist($complaint);
        self::em()->flush();
        $this->signIn(Role::Desk);
        self::assertSame(404, $this->act($case, 'intake/complaints/'.$complaint->id.'/remove'));
    }

    /** Two rows of the readings sheet left one after the other: both begin the stage, and both are saved. */
    public function testTwoHandsThatBeginAStageAreNotInEachOthersWay(): void
    {
        $case = $this->aCase();
        $other = self::em()->getConnection();
        $other->executeStatement("UPDATE case_file SET stage = 'parts' WHERE id = ?", [$case->id]);
        $case->moveTo(Stage::Parts);
        self::em()->flush();
        self::assertSame(Stage::Parts, $this->fresh($case)->stage);

        $case = $this->fresh($case);
        $other->executeStatement("UPDATE case_file SET stage = 'verdict' WHERE id = ?", [$case->id]);
        $case->moveTo(Stage::Chain);
        self::em()->flush();
        self::assertSame(Stage::Verdict, $this->fresh($case)->stage, 'none takes back what the other has moved');
    }
}
