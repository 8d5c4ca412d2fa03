<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Measuring\Gauge;
use App\Measuring\Reading;
use App\Teardown\OpenUnit;
use App\Teardown\StepRecord;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\Method;

final class BenchTest extends AppTestCase
{
    /** @param array<string, string> $fields */
    private function strip(CaseFile $case, string $step, string $state, string $reason = '', array $fields = []): int
    {
        if ('done' === $state && self::service(OpenUnit::class)->isAsked($this->fresh($case))) {
            $this->opened($case);
        }
        $form = $this->browser->request(
            'GET',
            '/cases/'.$case->number.'/strip?step='.$step,
        )->filter('form[action$="/strip/'.$step.'"]')->form();
        $this->browser->request(
            'POST',
            $form->getUri(),
            ['state' => $state, 'leave-out' => '1', 'step' => ['reason' => $reason] + $fields + (array) $form->getPhpValues()['step']],
        );

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testStepsFollowTheBookAndASkippedOneNeedsAReason(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        self::assertSame(303, $this->strip($case, 'outside', 'done'));
        self::assertSame(422, $this->strip($case, 'ports', 'skipped'));
        self::assertStringContainsString('Why is it skipped?', $this->said());
        self::assertSame(303, $this->strip($case, 'ports', 'skipped', 'came without fittings'));
        $this->browser->request('GET', '/cases/'.$case->number.'/strip');
        self::assertStringContainsString('2 of 12 steps done; now: Coupling half and key', $this->said());
        self::assertSame(Stage::Strip, $this->fresh($case)->stage);
    }

    public function testNoPartComesOffBeforeItIsIsolatedDrainedAndKnown(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $page = $this->browser->request('GET', "/cases/{$case->number}/strip")->text();
        self::assertStringContainsString('Before it is opened', $page);
        self::assertStringContainsString('gears take a finger tip', $page, 'the danger of this family stands before it');
        $this->browser->request(
            'POST',
            "/cases/{$case->number}/strip/outside",
            ['state' => 'done', 'step' => ['_token' => $this->token("/cases/{$case->number}/strip?step=outside")]],
        );
        self::assertSame(0, self::em()->getRepository(StepRecord::class)->count([]), 'refused without');
        $said = ['ticked' => ['isolated', 'drained'], 'liquid' => 'hydraulic oil', 'precautions' => 'gloves'];
        self::assertSame(422, $this->act($case, 'opening', $said, 'strip'));
        self::assertStringContainsString('Not yet: turned empty by hand', $this->said());
        self::assertStringContainsString('value="hydraulic oil"', (string) $this->browser->getResponse()->getContent());
        self::assertSame(422, $this->act($case, 'opening', ['liquid' => ''] + $said + ['instead' => 'seized'], 'strip'));
        self::assertSame(303, $this->act($case, 'opening', $said + ['instead' => 'It is seized: nothing turns.'], 'strip'));
        self::assertSame(303, $this->strip($case, 'outside', 'done'));
        $page = $this->browser->request('GET', "/cases/{$case->number}/strip")->text();
        self::assertStringContainsString('Before it was opened: isolated, locked out and tagged', $page);
        self::assertStringContainsString('It is seized: nothing turns.', $page);
    }

    public function testAStepThatWaitsForAnotherIsRefused(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->browser->request('POST', '/cases/'.$case->number.'/strip/gears', ['state' => 'done']);
        self::assertSame(409, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('waits for “Rear bearing block”', $this->said());
    }

    public function testAStuckStepShowsWhatHides(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->strip($case, 'outside', 'done');
        self::assertSame(303, $this->strip($case, 'coupling', 'stuck', 'does not move'));
        $this->browser->followRedirect();
        self::assertStringContainsString('look for what hides before you pry A set screw under paint', $this->said());
    }

    public function testADangerIsSaidBeforeTheStep(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/strip?step=relief');
        self::assertMatchesRegularExpression('/Caution *The spring is under load.*manual and local rules come first/', $this->said());
    }

    public function testAMissingSmallPartIsNamed(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->strip($case, 'outside', 'done');
        $this->strip($case, 'coupling', 'done', '', ['count_0' => '1']);
        $this->browser->request('GET', '/cases/'.$case->number.'/strip?step=coupling');
        self::assertStringContainsString('Set screws: 1 counted, 2 belong here', $this->said());
    }

    public function testDamageNeedsAModeAndAGrade(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $page = '/cases/'.$case->number.'/parts/front-block';
        self::assertSame(
            422,
            $this->send($page, '/findings', ['finding[kind]' => 'damage', 'finding[grade]' => '0', 'finding[note]' => 'kept words']),
        );
        self::assertStringContainsString('What kind of damage is it?', $this->said());
        self::assertStringContainsString('kept words', (string) $this->browser->getResponse()->getContent());
        self::assertSame(
            303,
            $this->send(
                $page,
                '/findings',
                [
                    'finding[kind]' => 'damage',
                    'finding[mode]' => 'scoring',
                    'finding[grade]' => '3',
                    'finding[surface]' => 'face',
                    'finding[feel]' => 'catches',
                ],
            ),
        );
        $this->browser->followRedirect();
        self::assertMatchesRegularExpression('/Scoring *, running face; nail catches/', $this->said());
    }

    public function testLookedAtAndCleanIsAFindingAndTheRestShowsAsOpen(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        self::assertStringContainsString('0 of 24 looked at', $this->said());
        $this->act($case, 'parts/body/clean', ['surface' => 'gear-bore'], 'parts/body');
        self::assertSame('gear-bore', self::em()->getRepository(Finding::class)->findOneBy(['case' => $case])?->surface);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        self::assertStringContainsString('1 of 24 looked at', $this->said());
    }

    public function testAPartIsFoundByTheNameThatOthersUse(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts?find=lip+seal');
        self::assertSelectorCount(1, '.tray h3');
        self::assertSelectorTextContains('.tray h3', 'Shaft seal');
        $this->browser->request('GET', '/cases/'.$case->number.'/parts?find=carburettor');
        self::assertStringContainsString('No part of this unit goes by “carburettor”', $this->said());
    }

    public function testWhatANailFeelsIsMeasuredAndWhatIsNeverReusedIsRefused(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $this->send('/cases/'.$case->number.'/parts/body', '/parts/body', ['part[feel]' => 'catches']);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/body');
        self::assertStringContainsString('A nail feels it', $this->said());
        self::assertSame(
            422,
            $this->send(
                '/cases/'.$case->number.'/parts/shaft-seal',
                '/parts/shaft-seal',
                ['part[disposition]' => 'reuse', 'part[dispositionReason]' => 'none in stock'],
            ),
        );
        self::assertStringContainsString('Reuse is refused: it is never reused', $this->said());
    }

    public function testBeforeAPartWithAFacingComesOffItsMarkAndPhotoAreAskedFor(): void
    {
        $case = $this->aCase();
        foreach (['outside', 'ports', 'coupling', 'marks', 'relief', 'screws', 'rear-cover'] as $done) {
            self::em()->persist(new StepRecord($case, $done));
        }
        self::em()->flush();
        $this->signIn(Role::Bench);
        $form = $this->browser->request(
            'GET',
            '/cases/'.$case->number.'/strip?step=rear-block',
        )->filter('form[action$="/strip/rear-block"]')->form();
        $send = function (array $step, array $more = []) use ($form): int {
            $this->browser->request(
                'POST',
                $form->getUri(),
                $more + ['state' => 'done', 'step' => $step + (array) $form->getPhpValues()['step']],
            );

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame(422, $send(['facing' => 'Pocket to the pressure port.']));
        self::assertStringContainsString('Still asked before it comes off: the mark, a photo as found.', $this->said());
        self::assertSame(
            'Pocket to the pressure port.',
            $this->browser->getCrawler()->filter('[name="step[facing]"]')->text(),
            'what was typed stays',
        );
        self::assertSame(303, $send(['facing' => 'Pocket to the pressure port.', 'marked' => '1'], ['leave-out' => '1']));
        $record = self::em()->getRepository(StepRecord::class)->findOneBy(['case' => $case->id->toRfc4122(), 'step' => 'rear-block']);
        self::assertSame(['a photo as found'], $record?->leftOut, 'what was left out knowingly is kept');
    }

    public function testWhatIsHurtOrMissingWhileStrippingBecomesAFindingOnTheSpot(): void
    {
        $case = $this->aCase();
        $record = new StepRecord($case, 'coupling');
        $record->counted = ['set screws' => 1, 'key' => 0];
        self::em()->persist(new StepRecord($case, 'outside'));
        self::em()->persist($record);
        self::em()->flush();
        $this->signIn(Role::Bench);
        self::assertSame(422, $this->act($case, 'strip/coupling/made-by-us', ['part' => 'coupling', 'note' => ' '], 'strip?step=coupling'));
        self::assertSame(
            303,
            $this->act(
                $case,
                'strip/coupling/made-by-us',
                ['part' => 'coupling', 'note' => 'puller slipped, rim dented'],
                'strip?step=coupling',
            ),
        );
        self::assertSame(404, $this->act($case, 'strip/coupling/missing', ['what' => 'washers'], 'strip?step=coupling'));
        self::assertSame(303, $this->act($case, 'strip/coupling/missing', ['what' => 'set screws'], 'strip?step=coupling'));
        $findings = self::em()->getRepository(Finding::class)->findBy(['case' => $case->id->toRfc4122()], ['id' => 'ASC']);
        self::assertSame(
            [FindingKind::MadeByUs, FindingKind::Damage],
            array_map(static fn (Finding $finding): FindingKind => $finding->kind, $findings),
        );
        self::assertSame('debris', $findings[1]->mode, 'what is not there went somewhere');
        self::assertSame(404, $this->act($case, 'strip/coupling/missing', ['what' => 'set screws'], 'strip?step=coupling'), 'told once');
        self::assertStringContainsString('Set screws: 1 of 2 counted out. Searched for and not found', $findings[1]->note);
        self::assertSame(1, $findings[1]->grade, 'nobody has seen what it did');
        // What was lost outside the unit is no debris in it.
        self::assertSame(
            303,
            $this->act(
                $case,
                'strip/coupling/missing',
                ['what' => 'key', 'inside' => 'no', 'where' => 'left on the stand'],
                'strip?step=coupling',
            ),
        );
        self::assertSame(2, self::em()->getRepository(Finding::class)->count(['case' => $case->id->toRfc4122()]));
        self::assertSame(
            'Key: 0 of 1 counted out. Outside the unit: left on the stand.',
            self::em()->getRepository(StepRecord::class)->findOneBy(['case' => $case->id->toRfc4122(), 'step' => 'coupling'])?->note,
        );
    }

    public function testASubAssemblyMayStayShutAndEveryPageSaysSo(): void
    {
        $case = $this->aCase();
        $case->family = 'reversing-gearbox';
        foreach (['outside', 'joint', 'valve', 'pump', 'case', 'shafts'] as $done) {
            self::em()->persist(new StepRecord($case, $done));
        }
        self::em()->flush();
        $this->signIn(Role::Bench);
        self::assertSame(422, $this->strip($case, 'pump', 'shut'), 'what is in the unit cannot be left shut');
        self::assertSame(303, $this->strip($case, 'astern', 'shut'));
        foreach (['strip', 'parts', 'chain', 'verdict'] as $page) {
            $this->browser->request('GET', '/cases/'.$case->number.'/'.$page);
            self::assertStringContainsString('not opened: ahead pack, astern pack', $this->said(), $page);
        }
        $this->browser->request('GET', '/cases/'.$case->number.'/chain');
        self::assertStringContainsString('Not opened yet: Astern pack. What is concluded meanwhile is provisional.', $this->said());
        self::assertSame(303, $this->strip($case, 'astern', 'done'));
        $this->browser->request('GET', '/cases/'.$case->number.'/strip');
        self::assertStringContainsString('not opened: ahead pack', $this->said());
        self::assertStringNotContainsString('astern pack (', $this->said());
    }

    public function testAnotherDeviceIsToldAtOnceAndHearsNothingWhileNothingChanges(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $state = (string) $this->browser->request(
            'GET',
            '/cases/'.$case->number.'/strip?step=outside',
        )->filter('#strip-state')->attr('hx-get');
        $this->browser->request('GET', $state);
        self::assertResponseStatusCodeSame(204);
        $this->strip($case, 'outside', 'done');
        $this->browser->request('GET', $state);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('“Strainer and what came with it” was changed by', $this->said());
        self::assertStringContainsString('1 of 12 steps done', $this->said());
        self::assertSelectorExists('#strip-steps[hx-swap-oob]');
    }

    public function testABenchHandMayNotDecideWhatBecomesOfAPart(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        self::assertCount(0, $this->browser->request('GET', '/cases/'.$case->number.'/parts/body')->filter('[name="part[disposition]"]'));
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->send('/cases/'.$case->number.'/parts/body', '/parts/body', ['part[disposition]' => 'reuse']));
        self::assertSame(
            303,
            $this->send(
                '/cases/'.$case->number.'/parts/body',
                '/parts/body',
                ['part[disposition]' => 'reuse', 'part[dispositionReason]' => 'within limit'],
            ),
        );
        self::assertSame('reuse', self::em()->getRepository(PartRecord::class)->findOneBy(['case' => $case])?->disposition?->value);
    }

    private function read(CaseFile $case, string $field, string $typed, string $zero = '', string $seen = '', string $gauge = ''): int
    {
        return $this->act(
            $case,
            'readings/'.$field,
            ['readings' => $typed, 'zero' => $zero, 'seen' => $seen, 'gauge' => $gauge],
            'readings',
        );
    }

    public function testReadingsKeepTheUnitInWhichTheyWereTyped(): void
    {
        $case = $this->aG28();
        self::em()->persist($gauge = new Gauge('Micrometer', Method::Reading, '0.001 mm', '0.003 mm', null));
        self::em()->flush();
        $this->signIn(Role::Bench);
        self::assertSame(303, $this->read($case, 'drive-gear/seal-land', '0.7868; 0.7869 in', '0.0001 in', '', (string) $gauge->id));
        $reading = self::em()->getRepository(Reading::class)->findOneBy(['case' => $case]);
        self::assertSame(['0.7868 in', '0.7869 in'], $reading?->typed);
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        // Repeats at one spot: (0.7868 + 0.7869)/2 − 0.0001 in = 0.78675 in = 19.98345 mm
        self::assertStringContainsString('19.983 mm', $this->said());
        self::assertStringContainsString('within', $this->said());
    }

    public function testAGaugeHasAStepWithItsUnitAndANameOfItsOwn(): void
    {
        $this->signIn(Role::Bench);
        self::assertSame(422, $this->send('/gauges', '/gauges', ['gauge[name]' => 'Micrometer 9', 'gauge[resolution]' => '0.001']));
        self::assertStringContainsString('has no unit', $this->said());
        self::assertSame(
            422,
            $this->send(
                '/gauges',
                '/gauges',
                ['gauge[name]' => 'Micrometer 9', 'gauge[resolution]' => '0.001 mm', 'gauge[expanded]' => '3 bar'],
            ),
        );
        self::assertSame(
            303,
            $this->send(
                '/gauges',
                '/gauges',
                [
                    'gauge[name]' => 'Micrometer 9',
                    'gauge[resolution]' => '0.001 mm',
                    'gauge[expanded]' => '0.003 mm',
                    'gauge[calibratedOn]' => '2026-09-14',
                ],
            ),
        );
        self::assertSame(422, $this->send('/gauges', '/gauges', ['gauge[name]' => 'Micrometer 9', 'gauge[resolution]' => '0.01 mm']));
        self::assertStringContainsString('There is a gauge of this name already', $this->said());
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/gauges');
        self::assertStringContainsString('0.001 mm 0.003 mm 14 Sep 2026', $this->said());
        $this->browser->request('POST', '/gauges');
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
    }

    public function testALaterCalibrationDoesNotChangeWhatWasRead(): void
    {
        $case = $this->aG28();
        self::em()->persist(
            $gauge = new Gauge('Micrometer', Method::Reading, '0.001 mm', '0.003 mm', new \DateTimeImmutable('2026-09-14'))
        );
        self::em()->flush();
        $this->signIn(Role::Bench);
        $this->read($case, 'drive-gear/seal-land', '19.98 mm', '', '', (string) $gauge->id);
        $stored = self::em()->find(Gauge::class, $gauge->id);
        self::assertNotNull($stored);
        [$stored->expanded, $stored->calibratedOn] = ['0.3 mm', new \DateTimeImmutable('2026-11-20')];
        self::em()->flush();
        $reading = self::em()->getRepository(Reading::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        self::assertSame(['0.003 mm', '2026-09-14'], [$reading?->gaugeExpanded, $reading?->gaugeCalibratedOn?->format('Y-m-d')]);
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        self::assertStringContainsString('within', $this->said(), 'with ±0.3 mm it would be undecided');
    }

    public function testAReadingThatCannotBeReadKeepsWhatWasTyped(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        self::assertSame(422, $this->read($case, 'drive-gear/thickness', '25,98 bar'));
        self::assertStringContainsString('is no unit of length', $this->said());
        self::assertStringContainsString('value="25,98 bar"', (string) $this->browser->getResponse()->getContent());
        self::assertSame(422, $this->read($case, 'drive-gear/thickness', '25.98 mm', '1 bar'));
        self::assertSame(422, $this->read($case, 'front-block/flatness', '0.02 mm'));
        self::assertStringContainsString('half a pair', $this->said());
        self::assertSame(422, $this->read($case, 'front-block/flatness', '0.03; 0.02 mm'));
        self::assertStringContainsString('must be larger', $this->said());
        self::assertSame(422, $this->read($case, 'front-block/flatness', str_repeat('1 mm;', 5000)));
        self::assertSame(0, self::em()->getRepository(Reading::class)->count(['case' => $case]));
    }

    public function testTwoHandsOnOneReadingShowBothValues(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->read($case, 'drive-gear/thickness', '25.98 mm');
        self::assertSame(422, $this->read($case, 'drive-gear/thickness', '25.97 mm'));
        self::assertStringContainsString('saved “25.98 mm”; you typed “25.97 mm”', $this->said());
        self::assertSame(303, $this->read($case, 'drive-gear/thickness', '25.97 mm', seen: '25.98 mm'));
    }
}
