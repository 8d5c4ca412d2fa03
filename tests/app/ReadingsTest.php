<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Measuring\Gauge;
use App\Measuring\LimitChoice;
use App\Measuring\Measured;
use App\Measuring\Reading;
use App\Measuring\ZeroCheck;
use App\Teardown\StepRecord;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\UnitSystem;

/** The readings sheet: places, zero checks, disputed limits, sizes worked out, adjusters, one more run. */
final class ReadingsTest extends AppTestCase
{
    private function gauge(string $name = 'Micrometer 25–50 no. 9', string $due = ''): Gauge
    {
        $gauge = new Gauge(
            $name,
            Method::Reading,
            '0.001 mm',
            '0.003 mm',
            null,
            null,
            '25 mm',
            '50 mm',
            '' === $due ? null : new \DateTimeImmutable($due),
            'Bench 9',
        );
        self::em()->persist($gauge);
        self::em()->flush();

        return $gauge;
    }

    /** @param array<string, string|list<string>> $fields */
    private function post(CaseFile $case, string $field, array $fields, bool $live = false): string
    {
        $fields += ['_token' => $this->token('/cases/'.$case->number.'/readings'), 'seen' => ''];
        $this->browser->request(
            'POST',
            '/cases/'.$case->number.'/readings/'.$field,
            $fields,
            server: $live ? ['HTTP_HX_REQUEST' => 'true'] : [],
        );

        return (string) $this->browser->getResponse()->getContent();
    }

    /** @param list<string> $typed */
    private function reading(CaseFile $case, string $part, string $field, array $typed): Reading
    {
        $reading = new Reading($case, $part, $field);
        $reading->typed = $typed;
        self::em()->persist($reading);
        self::em()->flush();

        return $reading;
    }

    private function measured(CaseFile $case, string $part, string $field): Measured
    {
        return self::service(CaseMeasures::class)->measuredIn($case)[$part][$field];
    }

    public function testReadingsByPlaceKeepTheirPlacesAndGiveTheForm(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->post($case, 'front-bushes/bore', ['at' => ['20.030 mm', '0.7890 in'], 'gauge' => '']);
        self::assertResponseStatusCodeSame(303);
        $one = $this->measured($case, 'front-bushes', 'bore');
        self::assertSame(['20.030 mm', '0.7890 in'], $one->reading?->typed);
        self::assertSame(['across', 'along load'], $one->reading->places);
        // 0.789 in = 20.0406 mm; half of what the diameters differ by is the roundness.
        self::assertEqualsWithDelta(0.0106e-3 / 2, $one->formFigures()['roundness'], 1e-12);
        $this->post($case, 'rear-bushes/bore', ['at' => ['', '20.041 mm']]);
        self::assertSame(
            ['along load'],
            $this->measured($case, 'rear-bushes', 'bore')->reading?->places,
            'a place left out stays left out',
        );
    }

    public function testARowIsSavedAloneAndWhatHangsOnItComesAlong(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->reading($case, 'drive-gear', 'tip-diameter', ['44.960 mm']);
        $said = $this->post($case, 'body/gear-bore', ['at' => ['45.080 mm', '45.080 mm']], live: true);
        self::assertResponseIsSuccessful();
        self::assertStringNotContainsString('<html', $said);
        self::assertStringContainsString('id="body-gear-bore"', $said);
        // (45.080 − 44.960)/2
        self::assertMatchesRegularExpression('~id="v_body-tip-clearance" hx-swap-oob="true".*?0\.060 mm~s', $said);
        $said = $this->post($case, 'body/gear-bore', ['at' => ['45,08 bar', '45.08 mm'], 'seen' => '45.080 mm; 45.080 mm'], live: true);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('value="45,08 bar"', $said);
        self::assertStringContainsString('is no unit of length', html_entity_decode($said));
    }

    public function testBareNumbersTakeTheBooksUnitOnlyOfWhoReadsInIt(): void
    {
        $case = $this->aG28();
        $this->signIn(Role::Bench);
        $said = $this->post($case, 'drive-gear/thickness', ['readings' => '25.98'], live: true);
        self::assertStringContainsString('without a unit: mm', $said);
        self::assertSame(['25.98 mm'], $this->measured($case, 'drive-gear', 'thickness')->reading?->typed);
    }

    public function testBareNumbersTakeTheUnitOfTheBench(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench)->units = UnitSystem::Inch;
        self::em()->flush();
        $this->post($case, 'drive-gear/thickness', ['readings' => '25.98']);
        self::assertResponseStatusCodeSame(422, 'the book says millimetres, and he reads inches');
        $this->browser->request(
            'POST',
            '/bench',
            ['_token' => $this->token('/cases/'.$case->number.'/readings'), 'unit' => 'mm', 'bench' => '', 'back' => '/gauges'],
        );
        self::assertResponseRedirects('/gauges');
        $this->post($case, 'drive-gear/thickness', ['at' => ['25.98', '1.0231 in', '25.97', '']]);
        self::assertSame(
            ['25.98 in', '1.0231 in', '25.97 mm'],
            $this->measured($case, 'drive-gear', 'thickness')->reading?->typed,
            'a unit typed later goes for those before it',
        );
        $token = $this->token('/cases/'.$case->number.'/readings');
        $this->browser->request('POST', '/bench', ['_token' => $token, 'unit' => str_repeat('m', 1_000_000), 'back' => '/gauges']);
        $cookies = (string) json_encode($this->browser->getInternalResponse()->getHeader('Set-Cookie', false));
        self::assertLessThan(1000, \strlen($cookies), 'no browser, and no server, takes a line of a megabyte');
        foreach (['//elsewhere.example', '/\\elsewhere.example', 'https://elsewhere.example'] as $away) {
            $this->browser->request('POST', '/bench', ['_token' => $this->token('/cases/'.$case->number.'/readings'), 'back' => $away]);
            self::assertResponseRedirects('/');
        }
    }

    public function testAZeroCheckGoesWithTheReadingsOfTwoHours(): void
    {
        $case = $this->aCase();
        $gauge = $this->gauge();
        $this->signIn(Role::Bench);
        $with = ['gauge' => (string) $gauge->id];
        self::assertStringContainsString(
            'Taken without a zero check',
            $this->post($case, 'drive-gear/thickness', $with + ['readings' => '25.98 mm'], live: true),
        );
        $this->browser->request(
            'POST',
            '/gauges/'.$gauge->id.'/zero',
            ['_token' => $this->token('/cases/'.$case->number.'/readings'), 'zero' => '2 bar'],
        );
        self::assertResponseStatusCodeSame(422);
        $this->browser->request(
            'POST',
            '/gauges/'.$gauge->id.'/zero',
            ['_token' => $this->token('/cases/'.$case->number.'/readings'), 'zero' => '0.002'],
        );
        self::assertResponseRedirects('/gauges');
        $this->post($case, 'driven-gear/thickness', $with + ['readings' => '25.98 mm']);
        self::assertSame('0.002 mm', $this->measured($case, 'driven-gear', 'thickness')->reading?->zero);
        $check = self::em()->getRepository(ZeroCheck::class)->findOneBy(['gauge' => $gauge]);
        self::assertNotNull($check);
        self::assertTrue($check->holds($check->madeAt->modify('+119 minutes')));
        self::assertFalse($check->holds($check->madeAt->modify('+2 hours')));
        $check->madeAt = new \DateTimeImmutable('-121 minutes');
        self::em()->flush();
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        self::assertSelectorTextContains('.zero.due', 'zero check first');
        $this->post($case, 'driven-gear/tip-diameter', $with + ['readings' => '44.96 mm']);
        self::assertSame(
            '',
            $this->measured($case, 'driven-gear', 'tip-diameter')->reading?->zero,
            'a check of two hours ago no longer counts',
        );
    }

    public function testAZeroThatHasMovedPutsInDoubtWhatWasReadSinceItWasRight(): void
    {
        $case = $this->aCase();
        $gauge = $this->gauge();
        $this->signIn(Role::Bench);
        $this->post($case, 'driven-gear/thickness', ['gauge' => (string) $gauge->id, 'readings' => '25.98 mm', 'zero' => '0 mm']);
        $check = new ZeroCheck(self::em()->find(Gauge::class, $gauge->id) ?? $gauge, '0.030 mm', $this->person(Role::Bench));
        $check->madeAt = new \DateTimeImmutable('+10 minutes');
        self::em()->persist($check);
        self::em()->flush();
        self::assertStringContainsString(
            'In doubt: '.$gauge->name.' showed 0.030 mm on zero',
            implode(' ', $this->measured($case, 'driven-gear', 'thickness')->warnings),
        );
        $check = self::em()->find(ZeroCheck::class, $check->id) ?? self::fail('It is kept.');
        $check->typed = '0 mm';
        self::em()->flush();
        self::assertSame([], $this->measured($case, 'driven-gear', 'thickness')->warnings);
    }

    public function testANoteAddedLaterDoesNotMakeItANewReading(): void
    {
        $case = $this->aCase();
        $gauge = $this->gauge();
        $with = ['gauge' => (string) $gauge->id, 'readings' => '25.98 mm'];
        $this->signIn(Role::Bench);
        $this->post($case, 'drive-gear/thickness', $with + ['zero' => '0.001 mm']);
        $reading = $this->measured($case, 'drive-gear', 'thickness')->reading;
        self::assertNotNull($reading);
        [$reading->at, $reading->byWhom] = [new \DateTimeImmutable('-3 days'), 'bench 1'];
        foreach (self::em()->getRepository(ZeroCheck::class)->findAll() as $check) {
            $check->madeAt = new \DateTimeImmutable('-3 days');
        }
        self::em()->flush();
        $taken = $reading->at->getTimestamp();
        $this->post(
            $case,
            'drive-gear/thickness',
            $with + ['zero' => '0.001 mm', 'seen' => '25.98 mm', 'note' => 'a burr was stoned off first'],
        );
        self::em()->clear();
        $reading = self::em()->find(Reading::class, $reading->id);
        self::assertSame(
            [$taken, 'bench 1', '0.001 mm', 'a burr was stoned off first'],
            [$reading?->at->getTimestamp(), $reading?->byWhom, $reading?->zero, $reading?->note],
        );
        self::assertCount(
            1,
            self::em()->getRepository(ZeroCheck::class)->findBy(['gauge' => $gauge->id->toRfc4122()]),
            'an old zero sent along is no new zero check',
        );
        // Measured anew, without a zero check of today: the old zero does not count for it.
        $this->post($case, 'drive-gear/thickness', ['readings' => '25.97 mm', 'zero' => '0.001 mm', 'seen' => '25.98 mm'] + $with);
        self::em()->clear();
        $reading = self::em()->find(Reading::class, $reading?->id);
        self::assertSame(['', 'test bench'], [$reading?->zero, $reading?->byWhom]);
    }

    public function testAChoiceForOneDutySaysNothingOfAnother(): void
    {
        $case = $this->aCase();
        $choice = new LimitChoice($case, 'body', 'side-clearance');
        [$choice->chosen, $choice->reason] = ['auxiliary', 'was fitted as a cooling pump'];
        self::em()->persist($choice);
        $this->reading($case, 'body', 'side-clearance', ['0.14 mm', '0.15 mm']);
        self::assertNull($this->measured($case, 'body', 'side-clearance')->choice);
        self::assertSame(LimitVerdict::Outside, $this->measured($case, 'body', 'side-clearance')->verdict());
        $case->duty = 'auxiliary';
        self::em()->flush();
        self::assertSame('auxiliary', $this->measured($case, 'body', 'side-clearance')->choice?->chosen);
    }

    public function testAGaugeOutOfDateOrOutOfItsRangeWarnsOnEachReading(): void
    {
        $case = $this->aCase();
        $gauge = $this->gauge(due: '2026-01-31');
        $this->signIn(Role::Bench);
        $said = $this->post($case, 'relief-spring/free-length', ['readings' => '37.9 mm', 'gauge' => (string) $gauge->id], live: true);
        self::assertStringContainsString('was out of calibration: due 31 Jan 2026', $said);
        $said = $this->post($case, 'drive-gear/journal', ['readings' => '19.97 mm', 'gauge' => (string) $gauge->id], live: true);
        self::assertStringContainsString('lies outside the range', $said);
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('was out of calibration', $this->said());
        $this->browser->request('GET', '/gauges');
        self::assertStringContainsString('Out of calibration', $this->said());
    }

    public function testTheTighterLimitCountsUntilAnAnalystChoosesWithAReason(): void
    {
        $case = $this->aCase();
        // Between the two sources: 19.955 and 19.965 mm.
        $this->reading($case, 'drive-gear', 'journal', ['19.960 mm', '19.960 mm']);
        $this->signIn(Role::Analyst);
        self::assertSame(LimitVerdict::Outside, $this->measured($case, 'drive-gear', 'journal')->verdict());
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        self::assertStringContainsString('The sources disagree', $this->said());
        $choose = fn (string $reason, string $chosen = 'book'): int => $this->act(
            $case,
            'limits/drive-gear/journal',
            ['chosen' => $chosen, 'reason' => $reason],
            'readings',
        );
        self::assertSame(422, $choose(' '));
        self::assertSame(404, $choose('x', 'nobody'));
        self::assertSame(303, $choose('not our warranty'));
        self::assertSame(LimitVerdict::Within, $this->measured($case, 'drive-gear', 'journal')->verdict());
        self::assertSame(303, $choose('', ''));
        self::assertCount(0, self::em()->getRepository(LimitChoice::class)->findBy(['case' => $case]));
        $this->signIn(Role::Bench);
        self::assertSame(403, $choose('I want it'));
    }

    public function testAcceptanceDependsOnTheDuty(): void
    {
        $case = $this->aCase();
        $this->reading($case, 'body', 'side-clearance', ['0.14 mm', '0.15 mm']);
        self::assertSame(LimitVerdict::Outside, $this->measured($case, 'body', 'side-clearance')->verdict());
        $this->signIn(Role::Desk);
        self::assertSame(303, $this->send('/cases/'.$case->number.'/intake', '/intake/unit', ['unit[duty]' => 'auxiliary']));
        self::assertSame(LimitVerdict::Within, $this->measured($this->fresh($case), 'body', 'side-clearance')->verdict());
        // A stage with a duty of its own.
        $this->signIn(Role::Bench);
        self::assertSame(303, $this->send('/cases/'.$case->number.'/parts/body', '/parts/body', ['part[duty]' => 'work']));
        self::assertSame(LimitVerdict::Outside, $this->measured($this->fresh($case), 'body', 'side-clearance')->verdict());
        self::assertCount(
            0,
            $this->browser->request('GET', '/cases/'.$case->number.'/parts/rear-cover')->filter('[name="part[duty]"]'),
            'asked only where it matters',
        );
    }

    public function testAChipGoesBackInWhereItsDutyAcceptsItAndElsewhereOnlyWithAReason(): void
    {
        $case = $this->aCase();
        $case->duty = 'work';
        $chip = new Finding($case, 'front-block');
        $chip->sawDamage('fracture', 1, 'Chip at the edge.', 'face');
        self::em()->persist($chip);
        self::em()->flush();
        $this->signIn(Role::Analyst);
        $reuse = ['part[disposition]' => 'reuse', 'part[dispositionReason]' => 'It is dressed.'];
        self::assertSame(422, $this->send('/cases/'.$case->number.'/parts/front-block', '/parts/front-block', $reuse));
        self::assertStringContainsString('fracture of grade 1 is not accepted for the duty "work circuit under load"', $this->said());
        self::assertSame(303, $this->send(
            '/cases/'.$case->number.'/parts/front-block',
            '/parts/front-block',
            $reuse + ['part[duty]' => 'auxiliary'],
        ), 'this stage feeds a cooler');
        self::assertStringContainsString(
            'Fracture of grade 1 is accepted for the duty "auxiliary circuit',
            $this->browser->request('GET', '/cases/'.$case->number.'/parts/front-block')->text(),
        );
    }

    public function testASizeWorkedOutCarriesTheUncertaintyOfItsReadingsAndIsCrossChecked(): void
    {
        $case = $this->aCase();
        $this->reading($case, 'body', 'depth', ['74.06 mm']);
        $this->reading($case, 'front-block', 'thickness', ['23.93 mm']);
        $this->reading($case, 'rear-block', 'thickness', ['23.93 mm']);
        $one = $this->measured($case, 'body', 'side-clearance');
        self::assertSame(['drive-gear/thickness'], $one->derived?->missing);
        $this->reading($case, 'drive-gear', 'thickness', ['25.98 mm']);
        $one = $this->measured($case, 'body', 'side-clearance');
        // 74.06 − 2·23.93 − 25.98 = 0.22 mm; four readings of 0.01 mm steps: u = √4·0.01/√12.
        self::assertEqualsWithDelta(0.22e-3, $one->derived?->size?->x, 1e-9);
        self::assertEqualsWithDelta(2 * 0.01e-3 / sqrt(12), $one->derived?->size?->u, 1e-10);
        self::assertSame(LimitVerdict::Outside, $one->verdict());
        self::assertTrue($one->isOpen(), 'the feeler is still wanted: two methods for one clearance');
        $this->reading($case, 'body', 'side-clearance', ['0.22 mm', '0.23 mm']);
        self::assertFalse($this->measured($case, 'body', 'side-clearance')->disagrees());
        $feeler = self::em()->getRepository(Reading::class)->findOneBy(['case' => $case, 'field' => 'side-clearance']);
        self::assertNotNull($feeler);
        $feeler->typed = ['0.14 mm', '0.15 mm'];
        self::em()->flush();
        $one = $this->measured($case, 'body', 'side-clearance');
        // |0.145 − 0.22| / (2·√(u² + 0.01²/12))
        self::assertEqualsWithDelta(0.075 / (2 * sqrt(4 * 0.01 ** 2 / 12 + 0.01 ** 2 / 12)), $one->en(), 1e-6);
        self::assertTrue($one->disagrees());
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/body');
        self::assertStringContainsString('do not agree', $this->said());
    }

    public function testAnAdjusterIsTakenAsFoundBeforeItIsTouched(): void
    {
        $case = $this->aCase();
        foreach (['outside', 'ports', 'coupling', 'marks'] as $key) {
            self::em()->persist(new StepRecord($case, $key));
        }
        self::em()->flush();
        $this->signIn(Role::Bench);
        $done = function (array $fields) use ($case): int {
            $form = $this->browser->request(
                'GET',
                '/cases/'.$case->number.'/strip?step=relief',
            )->filter('form[action$="/strip/relief"]')->form();
            $this->browser->request(
                'POST',
                $form->getUri(),
                array_merge_recursive($form->getPhpValues(), ['state' => 'done', 'step' => $fields]),
            );

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame(422, $done([]));
        self::assertStringContainsString('Take it as found first', $this->said());
        $form = $this->browser->request(
            'GET',
            '/cases/'.$case->number.'/strip?step=relief',
        )->filter('form[action$="/strip/relief"]')->form(['step[adjuster_0]' => '4.25 turn']);
        $this->browser->request('POST', $form->getUri(), $form->getPhpValues() + ['state' => 'done']);
        self::assertResponseStatusCodeSame(303);
        self::assertSame('4.25 turn', $this->measured($case, 'relief-valve', 'adjuster')->asFound);
        self::assertFalse($this->measured($case, 'relief-valve', 'adjuster')->isOpen(), 'as left is no work of the strip');
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        self::assertStringContainsString('as found 4.25 turn', $this->said());
    }

    public function testOneMoreRunComesBackWithTheSameSerial(): void
    {
        $first = $this->aCase('RB 77-001');
        $first->madeAt = new \DateTimeImmutable('-200 days');
        $record = new PartRecord($first, 'driven-gear');
        [$record->disposition, $record->dispositionReason] = [Disposition::OneMoreRun, 'width near its limit'];
        self::em()->persist($record);
        $second = $this->aCase('rb77001');
        $this->signIn(Role::Bench);
        foreach (['intake', 'parts/driven-gear', 'readings', 'strip?step=gears'] as $page) {
            $this->browser->request('GET', '/cases/'.$second->number.'/'.$page);
            self::assertStringContainsString('Accepted for one more run last time', $this->said(), $page);
            self::assertStringContainsString('width near its limit', $this->said(), $page);
        }
        $third = $this->aCase('RB77002');
        $this->browser->request('GET', '/cases/'.$third->number.'/intake');
        self::assertStringNotContainsString('Accepted for one more run', $this->said());
        $stored = self::em()->find(PartRecord::class, $record->id);
        self::assertNotNull($stored);
        $stored->disposition = Disposition::Replace;
        self::em()->flush();
        $this->browser->request('GET', '/cases/'.$second->number.'/intake');
        self::assertStringNotContainsString('Accepted for one more run', $this->said());
    }
}
