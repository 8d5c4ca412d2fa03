<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Report\Report;
use App\Report\ReportFor;
use App\Verdict\Signing;

/** Customer and supplier get what concerns them out of the words that were signed, and an index says where the evidence is. */
final class ReportCopiesTest extends SignedCaseTestCase
{
    private function text(CaseFile $case, string $for): string
    {
        $page = $this->browser->request('GET', "/cases/{$case->number}/report?for=$for");
        self::assertResponseIsSuccessful();

        return (string) preg_replace('~\s+~', ' ', $page->filter('article.paper')->text());
    }

    public function testEachCopyLeavesOutWhatDoesNotConcernItsReader(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Bench);
        $whole = $this->text($case, 'whole');
        foreach ([$case->customer, 'Readings against limits', 'What becomes of the parts', 'Dirt let in'] as $words) {
            self::assertStringContainsString($words, $whole);
        }
        $supplier = $this->text($case, 'supplier');
        self::assertStringNotContainsString($case->customer, $supplier);
        self::assertStringNotContainsString('What becomes of the parts', $supplier);
        self::assertStringContainsString('Readings against limits', $supplier);
        self::assertStringContainsString('Dirt let in', $supplier);
        $customer = $this->text($case, 'customer');
        self::assertStringContainsString('What becomes of the parts', $customer);
        self::assertStringNotContainsString('Readings against limits', $customer);
        foreach ([$supplier, $customer] as $copy) {
            self::assertStringNotContainsString('What the finds speak for', $copy);
            self::assertStringContainsString('Case as signed, SHA-256', $copy, 'it is traced to what was signed');
        }
        self::assertSame(303, $this->act($case, 'report', ['for' => 'supplier'], 'report'));
        $made = self::em()->getRepository(Report::class)->findOneBy(['for' => ReportFor::Supplier]);
        self::assertSame('Report, revision 1, for the supplier', $made?->auditName());
    }

    public function testNothingIsWordedOtherwiseAndNoMarkIsLeftOpen(): void
    {
        $text = self::service(Signing::class)->current($this->signedCase())->reportText() ?? self::fail('It is not signed.');
        foreach ([$text->body, $text->plates] as $words) {
            $marks = preg_match_all('~<!--(/?)not[^>]*-->~', $words, $found);
            self::assertSame(0, $marks % 2);
            foreach ($found[1] as $i => $closes) {
                self::assertSame(0 === $i % 2 ? '' : '/', $closes, 'marks do not lie in each other');
            }
            foreach ([ReportFor::Customer, ReportFor::Supplier] as $for) {
                self::assertStringNotContainsString('<!--', $for->of($words));
            }
        }
    }

    public function testWhatWasSignedBeforeHasNoCopies(): void
    {
        self::assertFalse(ReportFor::isOffered('<section><h2>Origin</h2></section>'), 'no passage of it is marked');
        self::assertTrue(ReportFor::isOffered('<!--not customer--><section></section><!--/not-->'));
    }

    public function testAnIndexSaysOnWhatEachStepRestsAndWhichPlateShowsIt(): void
    {
        $case = $this->signedCase();
        self::service(Signing::class)->reopen($this->fresh($case), 'photos came late');
        $file = sys_get_temp_dir().'/japhrex-copies-'.getmypid().'.jpg';
        foreach (['block-good' => 'front-block', 'body-track' => 'body'] as $name => $part) {
            copy(__DIR__.'/../../demo/photos/'.$name.'.jpg', $file);
            self::service(PhotoIntake::class)->take($file, $name.'.jpg', $this->fresh($case), $part, PhotoStage::AsFound);
        }
        $this->signIn(Role::Bench);
        $rows = $this->browser->request('GET', "/cases/{$case->number}/report")->filter('.evidenceindex tbody tr');
        self::assertSame(['1', 'Dirt let in', 'grains', ''], $rows->eq(0)->filter('td')->each(static fn ($one): string => $one->text()));
        self::assertStringContainsString('Scored block', $rows->eq(1)->text());
        self::assertStringContainsString('Finding of', $rows->eq(1)->text());
        self::assertSame('1', $rows->eq(1)->filter('a')->text());
        self::assertStringContainsString('/photos/', (string) $rows->eq(1)->filter('a')->attr('href'));
        self::assertStringContainsString('show no part of the chain: 2', $this->text($case, 'whole'));
        self::assertStringNotContainsString('show no part of the chain', $this->text($case, 'customer'));
    }
}
