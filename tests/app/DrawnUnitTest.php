<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Intake\CaseFile;
use App\Teardown\StepRecord;
use Japhrex\Core\Teardown\StepState;
use Symfony\Component\DomCrawler\Crawler;

/** The drawing of the unit on the pages: in the grades of its case, with what is out, where each part leads. */
final class DrawnUnitTest extends AppTestCase
{
    private function page(CaseFile $case, string $path): Crawler
    {
        return $this->browser->request('GET', '/cases/'.$case->number.'/'.$path);
    }

    private static function part(Crawler $page, string $key): Crawler
    {
        return $page->filter('.unitpicture g[data-part="'.$key.'"]');
    }

    private function hurt(CaseFile $case, string $part, int $grade, ?string $surface = null): void
    {
        $finding = new Finding($case, $part);
        $finding->sawDamage('scoring', $grade, '', $surface);
        self::service(RecordFinding::class)($finding, $this->person(Role::Bench));
    }

    public function testThePartsAreDrawnInTheirGradesAndEachLeadsToItsPage(): void
    {
        $case = $this->aCase();
        $this->hurt($case, 'drive-gear', 3, 'end-face');
        $this->hurt($case, 'coupling', 2);
        $this->signIn(Role::Viewer);
        $page = $this->page($case, 'parts');
        self::assertCount(24, $page->filter('.unitpicture g.p'), 'every part of the gear pump');
        self::assertGreaterThan(0, self::part($page, 'drive-gear')->filter('path[class^=g3]')->count());
        self::assertGreaterThan(0, self::part($page, 'drive-gear')->filter('path[class^=t]')->count(), 'its journals are sound');
        // Of the coupling no place was told: all of it.
        self::assertSame(0, self::part($page, 'coupling')->filter('path[class^=t]:not(.t10)')->count());
        $inOrder = $page->filter('.inorder a');
        self::assertCount(24, $inOrder);
        self::assertSame(
            '/cases/'.$case->number.'/parts/drive-gear',
            $inOrder->reduce(static fn (Crawler $one): bool => 'Drive gear and shaft, grade 3' === $one->text())->attr('href'),
        );
        self::assertSame('Body, still in the unit', self::part($page, 'body')->filter('title')->text());
    }

    public function testTheStripShowsWhatIsOutAndWhatComesOffNow(): void
    {
        $case = $this->aCase();
        $this->opened($case);
        $case = $this->fresh($case);
        $record = new StepRecord($case, 'outside');
        $record->state = StepState::Done;
        $record->doneBy($this->person(Role::Bench));
        self::em()->persist($record);
        self::em()->flush();
        $this->signIn(Role::Bench);
        $page = $this->page($case, 'strip?step=ports');
        self::assertSame('p out', self::part($page, 'suction-strainer')->attr('class'));
        self::assertSame('p next', self::part($page, 'suction-fitting')->attr('class'));
        self::assertSame('p', self::part($page, 'drive-gear')->attr('class'));
    }

    public function testWhereNoPhotoIsAPartIsDrawnAndTheDrawingIsKeptByTheBrowserForGood(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Viewer);
        $drawn = (string) $this->page($case, 'parts/front-block')->filter('.drawnpart img')->attr('src');
        $this->browser->request('GET', $drawn);
        $answer = $this->browser->getResponse();
        self::assertSame('image/svg+xml', $answer->headers->get('Content-Type'));
        self::assertStringContainsString('immutable', (string) $answer->headers->get('Cache-Control'));
        self::assertNotFalse(simplexml_load_string((string) $answer->getContent()));
        $this->browser->request('GET', str_replace('front-block', 'moon', $drawn));
        self::assertSame(404, $this->browser->getResponse()->getStatusCode());
    }

    public function testABookShowsHowOftenEachPartWasFoundDamagedHere(): void
    {
        $this->hurt($this->aCase(), 'front-block', 3);
        $this->hurt($this->aCase(), 'front-block', 1);
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/library/external-gear-pump');
        self::assertStringContainsString('damaged in 1 of 2 looked at here', $page->filter('#front-block')->text());
        // Half of them: plum.
        self::assertGreaterThan(0, self::part($page, 'front-block')->filter('path[class^=g3]')->count());
        self::assertSame(0, self::part($page, 'body')->filter('path[class^=g]')->count(), 'nobody found anything there');
    }

    public function testWhatTheBuildHasNotReachedIsPale(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $page = $this->page($case, 'build');
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
        self::assertSame('p waits', self::part($page, 'coupling')->attr('class'));
        self::assertCount(0, $page->filter('.unitpicture .out'), 'nothing comes off at the build');
    }

    public function testAChainThatIsNotThereYetSaysWhatToDo(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Viewer);
        $page = $this->page($case, 'chain/path');
        self::assertStringContainsString('Bring in what was found, and link it', $page->filter('main')->text());
        self::assertCount(0, $page->filter('.unitpicture'));
    }

    public function testAUnitIsSeenPutTogetherAndCutInItsGrades(): void
    {
        $case = $this->aCase();
        $this->hurt($case, 'drive-gear', 3, 'journal');
        $this->signIn(Role::Viewer);
        $link = $this->page($case, 'parts')->filter('#unit-drawing figcaption a');
        self::assertSame('/cases/'.$case->number.'/parts?view=section#unit-drawing', $link->attr('href'));
        $page = $this->browser->request('GET', (string) $link->attr('href'));
        self::assertStringContainsString('put together and cut', (string) $page->filter('.unitpicture')->attr('aria-label'));
        self::assertGreaterThan(0, self::part($page, 'drive-gear')->filter('path[class^=wg3]')->count(), 'along its journals');
        self::assertSame('Pulled apart', $page->filter('#unit-drawing figcaption a')->text());
        self::assertStringContainsString('not shown: dowel pins, cover screws.', $page->filter('#unit-drawing figcaption')->text());
        $other = $this->aCase();
        $other->family = 'transfer-case';
        self::em()->flush();
        $page = $this->page($other, 'parts?view=section');
        self::assertCount(1, self::part($page, 'front-shaft'), 'its second axis lies in the same section');
    }

    public function testBesideAReadingItsPlaceIsShown(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $row = $this->page($case, 'readings')->filter('#drive-gear-thickness');
        self::assertSame('Where: along end faces', $row->filter('img.where')->attr('alt'));
        self::assertStringContainsString('1: 12 o\'clock, 2: 3 o\'clock', $row->filter('.how')->text());
        $this->browser->request('GET', (string) $row->filter('img.where')->attr('src'));
        self::assertStringContainsString('>4</text>', (string) $this->browser->getResponse()->getContent());
        self::assertCount(0, $this->page($case, 'readings')->filter('#relief-valve-adjuster img.where'), 'turns are counted, not measured');
    }
}
