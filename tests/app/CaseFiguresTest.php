<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PartRecord;
use App\Figures\KeptFigure;
use App\Figures\TrendPoint;
use App\Figures\WearCheck;
use App\Figures\WearTrends;
use App\Intake\AtSpeed;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Warmth;
use App\Measuring\CaseMeasures;
use App\Measuring\Reading;
use App\Verdict\Signing;
use App\Verdict\Snapshot;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Hydraulics\WearPattern;

/** Figures in a case: filled from it, kept with it; the complaint check; the wear trend. */
final class CaseFiguresTest extends AppTestCase
{
    private function pump(string $serial = ''): CaseFile
    {
        $case = $this->aCase($serial);
        [$case->maker, $case->model, $case->displacement] = ['Vintrey', 'G28', '28.7 cc/rev'];
        self::em()->flush();

        return $case;
    }

    private function reading(CaseFile $case, string $place, string ...$typed): void
    {
        [$part, $field] = explode('/', $place);
        $reading = new Reading($case, $part, $field);
        $reading->typed = array_values($typed);
        self::em()->persist($reading);
        self::em()->flush();
    }

    public function testAFigureOpenedFromAPartIsFilledAndSaysFromWhere(): void
    {
        $case = $this->pump();
        $this->reading($case, 'drive-gear/tip-diameter', '44.970 mm', '44.972 mm');
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/figures/displacement-external-gear?part=body');
        $page = $this->browser->followRedirect();
        self::assertSame('44.971 mm', $page->filter('[name=tip-diameter]')->attr('value'));
        self::assertSame('36 mm', $page->filter('[name=centre-distance]')->attr('value'));
        self::assertSame('12', $page->filter('[name=teeth]')->attr('value'));
        self::assertStringContainsString('From: The book on Vintrey G28', $page->filter('#h_centre-distance')->text());
        self::assertSame('', $page->filter('[name=face-width]')->attr('value'), 'not measured yet');
        self::assertSame($case->number, $page->filter('[name=case]')->attr('value'), 'the case stays in the address');
        self::assertCount(0, $page->filter('form.keep'));
        // What is typed over no longer comes from the case.
        $page = $this->browser->request('GET', '/figures/displacement-external-gear?part=body&case='.$case->number.'&tip-diameter=45mm');
        self::assertStringNotContainsString('From:', $page->filter('#h_tip-diameter')->text());
    }

    public function testAKeptFigureHasInputsResultsVersionWhoAndWhenAndGoesIntoWhatIsSigned(): void
    {
        $case = $this->pump();
        $who = $this->signIn(Role::Bench);
        $keep = [
            'part' => 'body',
            'typed' => ['bore' => '45.08 mm', 'tip-diameter' => '44.96 mm'],
            'remark' => 'more than the maker allows',
            '_token' => $this->token('/cases/'.$case->number.'/readings'),
        ];
        $this->browser->request('POST', '/cases/'.$case->number.'/figures/tip-clearance', ['typed' => ['bore' => '45.08 mm']] + $keep);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/cases/'.$case->number.'/figures/tip-clearance', ['part' => 'nobody'] + $keep);
        self::assertResponseStatusCodeSame(404);
        $this->browser->request('POST', '/cases/'.$case->number.'/figures/tip-clearance', $keep);
        self::assertResponseRedirects('/cases/'.$case->number.'/parts/body#kept');
        $kept = self::em()->getRepository(KeptFigure::class)->findOneBy(['part' => 'body', 'figure' => 'tip-clearance'], ['id' => 'DESC']);
        self::assertNotNull($kept);
        self::assertSame([$who->name, 1, $keep['typed']], [$kept->byWhom, $kept->formula, $kept->typed]);
        self::assertIsFloat($kept->results['clearance']['value']);
        self::assertEqualsWithDelta(0.06, $kept->results['clearance']['value'], 1e-9);
        foreach (['parts/body', 'report'] as $page) {
            $this->browser->request('GET', '/cases/'.$case->number.'/'.$page);
            self::assertStringContainsString('more than the maker allows', $this->said(), $page);
        }
        $this->browser->request('GET', '/cases/'.$case->number.'/history');
        self::assertStringContainsString('Figure tip-clearance', $this->said());
        $snapshot = self::service(Snapshot::class)->take($case = $this->fresh($case), self::service(Signing::class)->current($case));
        self::assertSame('tip-clearance', $snapshot['figures'][0]['figure'] ?? null);
        self::assertSame(303, $this->act($case, 'kept-figures/'.$kept->id.'/remove', [], 'readings'));
        self::assertCount(
            0,
            self::em()->getRepository(KeptFigure::class)->findBy(
                ['figure' => 'tip-clearance', 'part' => 'body', 'remark' => 'more than the maker allows']
            ),
        );
        $this->signIn(Role::Viewer);
        $this->browser->request('POST', '/cases/'.$case->number.'/figures/tip-clearance', $keep);
        self::assertResponseStatusCodeSame(403);
    }

    public function testWornClearancesExplainAPumpThatFailsHotAtIdle(): void
    {
        $case = $this->pump();
        $complaint = new Complaint($case);
        [$complaint->what, $complaint->warmth, $complaint->atSpeed] = ['low-flow', Warmth::Hot, AtSpeed::Idle];
        self::em()->persist($complaint);
        $case->complaints->add($complaint);
        self::em()->flush();
        $check = fn () => self::service(WearCheck::class)->check($this->fresh($case));
        self::assertSame(0, $check()?->known());
        self::assertNull($check()->judgement?->pattern, 'nothing was measured: nothing is judged');
        $this->reading($this->fresh($case), 'body/side-clearance', '0.26 mm', '0.27 mm');
        $checked = $check();
        self::assertSame(WearPattern::HotIdle, $checked?->judgement?->pattern);
        self::assertTrue($checked->judgement->atLeast, 'three paths are not measured, they can only add');
        self::assertTrue($checked->fits[0]->fit?->explains);
        // 0.265 mm shared by four gaps.
        self::assertStringContainsString('slot:30 mm,0.06625 mm,10 mm x4', $checked->asked->typed['found-paths']);
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/wear');
        self::assertStringContainsString('exactly where the pump as found fails', $this->said());
        self::assertSelectorCount(4, 'svg.plot');
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringNotContainsString('explain the complaint', $this->said(), 'it stands in the report once it is kept as evidence');
        $this->signIn(Role::Analyst);
        $this->act(
            $this->fresh($case),
            'figures/complaint-check',
            ['typed' => $checked->asked->typed, 'remark' => 'the wear does it'],
            'wear',
        );
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('exactly where the pump as found fails', $this->said());
        self::assertSame(
            'complaint-check',
            self::service(Snapshot::class)->take(
                $case = $this->fresh($case),
                self::service(Signing::class)->current($case),
            )['figures'][0]['figure'] ?? null,
        );
    }

    public function testWithoutADisplacementTheCheckSaysWhatItNeeds(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/wear');
        self::assertStringContainsString('Still needed: displacement', $this->said());
    }

    public function testWearIsProjectedFromTheServiceOfThePart(): void
    {
        $case = $this->pump('WT 1');
        $case->serviceSinceNew = '1000 h';
        $this->reading($case, 'relief-spring/free-length', '37.60 mm');
        $trend = static fn (CaseFile $of) => self::service(WearTrends::class)->trendOf(
            $of,
            self::service(CaseMeasures::class)->measuredIn($of)['relief-spring']['free-length'],
        );
        $told = $trend($case);
        // 0.4 of 0.8 mm in 1000 h: as much again is left; the band of ±1.96·0.0029 mm keeps it near.
        self::assertEqualsWithDelta(1000.0, $told?->asked->outcome?->results()['left']->value, 1e-6);
        self::assertStringContainsString('another 1 000 h', (string) $told?->sentence);
        self::assertStringContainsString('one more run may just do', (string) $told?->sentence);

        // Replaced then: it began anew, and 200 h have taken half of it.
        $case->madeAt = new \DateTimeImmutable('-90 days');
        $record = new PartRecord($case, 'relief-spring');
        $record->disposition = Disposition::Replace;
        self::em()->persist($record);
        $back = $this->pump('WT1');
        [$back->serviceSinceNew, $back->serviceSinceRepair] = ['1200 h', '300 h'];
        $this->reading($back, 'relief-spring/free-length', '37.40 mm');
        $told = $trend($back);
        // 0.6 of 0.8 mm in 300 h: 100 h are left.
        self::assertEqualsWithDelta(100.0, $told?->asked->outcome?->results()['left']->value, 1e-6);
        self::assertStringContainsString('one more run does not stay inside', (string) $told?->sentence);

        // Kept then: its whole service counts, and the earlier size is a point of the picture.
        $record->disposition = Disposition::OneMoreRun;
        self::em()->flush();
        $told = $trend($back);
        self::assertEqualsWithDelta(400.0, $told?->asked->outcome?->results()['left']->value, 1e-6);
        self::assertEquals([new TrendPoint($case->number, '1000 h', '37.600 mm')], $told?->points);
        $back->serviceSinceNew = '';
        self::assertNull($trend($back));
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/relief-spring');
        self::assertStringContainsString('At this rate the limit is reached', $this->said());
    }
}
