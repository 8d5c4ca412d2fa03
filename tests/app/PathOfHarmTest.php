<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Cleaning;
use App\Evidence\Finding;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Repair\Offer;
use App\Repair\Offers;
use App\Verdict\Signing;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\FindingKind;
use Symfony\Component\DomCrawler\Crawler;

/** The chain laid over the unit: at the chain, on the report's first page, to the customer, and what is shown to whom. */
final class PathOfHarmTest extends SignedCaseTestCase
{
    private function page(CaseFile $case, string $path): Crawler
    {
        return $this->browser->request('GET', '/cases/'.$case->number.'/'.$path);
    }

    /** Grains scored the front block; nobody has signed it. */
    private function toldCase(): CaseFile
    {
        $case = $this->aCase('S-2');
        $finding = new Finding($case, 'front-block');
        [$finding->kind, $finding->mode, $finding->grade, $finding->surface] = [FindingKind::Damage, 'scoring', 3, 'face'];
        $origin = new ChainNode($case, NodeKind::Origin);
        [$origin->name, $origin->origin, $origin->evidence] = ['Dirt let in', OriginKind::Contamination, 'grains'];
        $damage = new ChainNode($case, NodeKind::Damage);
        [$damage->name, $damage->finding, $damage->place] = ['Scored block', $finding, 'front-block/face'];
        $link = new ChainLink($case);
        [$link->from, $link->to, $link->mechanism] = [$origin, $damage, 'abrasion'];
        foreach ([$finding, $origin, $damage, $link] as $one) {
            self::em()->persist($one);
        }
        self::em()->flush();

        return $case;
    }

    /** The page that a customer sees by the link. */
    private function toldToTheCustomer(CaseFile $case): Crawler
    {
        $offer = new Offer($case, new \DateTimeImmutable('today +30 days'), $this->person(Role::Desk));
        $offer->story = 'Grains got in.';
        self::em()->persist($offer);
        self::em()->flush();
        $link = self::service(Offers::class)->link($offer);
        $this->browser->restart();

        return $this->browser->request('GET', $link);
    }

    public function testEachStepHasItsNumberWhereItHappenedAndItsPictureBelow(): void
    {
        $case = $this->toldCase();
        $this->signIn(Role::Viewer);
        $page = $this->page($case, 'chain/path');
        self::assertSame(
            ['1. Dirt let in', '2. Scored block'],
            $page->filter('.unitpicture .disc title')->each(static fn (Crawler $one): string => $one->text()),
        );
        self::assertCount(1, $page->filter('.unitpicture g.harm:not(.disc)'), 'one link, one way');
        $steps = $page->filter('.harmsteps li');
        self::assertSame(['1', '2'], $steps->extract(['data-step']));
        self::assertStringContainsString('hard particles cut a softer face', mb_strtolower($steps->eq(1)->text()), 'by what it went on');
        self::assertSame('Front bearing block, drawn', $steps->eq(1)->filter('img')->attr('alt'), 'no photo of it: as drawn');
        self::assertSame('2', $page->filter('.harmplay input[type=range]')->attr('max'));
    }

    public function testBelowItIsTheRoadOfTheDebrisAndWhatWasDealtWith(): void
    {
        $case = $this->toldCase();
        $this->signIn(Role::Viewer);
        self::assertCount(0, $this->page($case, 'chain/path')->filter('#road'), 'a scored face alone let nothing go');
        $case = $this->fresh($case);
        $torn = new Finding($case, 'rear-bushes');
        [$torn->kind, $torn->mode, $torn->grade, $torn->surface] = [FindingKind::Damage, 'scuffing', 4, 'bore'];
        $cleaned = new Cleaning($case, 'rear-bushes', $this->person(Role::Bench));
        self::em()->persist($torn);
        self::em()->persist($cleaned);
        self::em()->flush();
        $road = $this->page($case, 'chain/path')->filter('#road');
        self::assertMatchesRegularExpression('/1 of \d+ places dealt with/', (string) preg_replace('/\s+/', ' ', $road->text()));
        self::assertGreaterThan(1, $road->filter('g.oil')->count(), 'the oil took it on');
        self::assertCount(1, $road->filter('g.place path'), 'one is ticked');
    }

    public function testWhereThereIsAPhotoOfTheStepItIsShownInsteadOfTheDrawing(): void
    {
        $case = $this->toldCase();
        $file = sys_get_temp_dir().'/japhrex-harm-'.getmypid().'.jpg';
        copy(__DIR__.'/../../demo/photos/block-good.jpg', $file);
        $photo = self::service(PhotoIntake::class)->take($file, 'block.jpg', $case, 'front-block', PhotoStage::AsFound);
        $this->signIn(Role::Viewer);
        $step = $this->page($case, 'chain/path')->filter('.harmsteps li')->eq(1);
        self::assertStringEndsWith('/photos/'.$photo->id, (string) $step->filter('a')->attr('href'));
        self::assertCount(0, $step->filter('img.drawn'));
    }

    public function testTheReportBeginsWithTheOriginAndThePathThenTheUnit(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Viewer);
        $paper = $this->page($case, 'report')->filter('article.paper');
        $heads = $paper->filter('h2')->each(static fn (Crawler $one): string => $one->text());
        self::assertSame(['Origin', 'The path of harm', 'Unit'], \array_slice($heads, 0, 3));
        self::assertStringContainsString('Dirt let in', $paper->filter('.origin')->text());
        $drawn = $paper->filter('.unitreport figure svg')->first();
        self::assertGreaterThan(0, $drawn->filter('[data-step="2"]')->count());
    }

    public function testPaperIsColouredWithoutAStyleSheet(): void
    {
        $body = (string) (self::service(Signing::class)->current($this->signedCase())->reportText()->body ?? '');
        $drawn = explode('</svg>', explode('<svg', $body)[1] ?? '')[0];
        self::assertStringContainsString('Scored block', $drawn);
        // The face of the block, grade 3, in the colour of its grade, told at each line or at the group.
        self::assertMatchesRegularExpression('~fill(="|:)#[0-9a-f]{6}~', $drawn);
    }

    public function testACustomerSeesThePathOnlyOfWhatIsSigned(): void
    {
        $open = $this->toldToTheCustomer($this->toldCase());
        self::assertResponseIsSuccessful();
        self::assertCount(0, $open->filter('.unitpicture'), 'what is not signed may still change');
        $signed = $this->toldToTheCustomer($this->signedCase());
        self::assertStringContainsString('2. Scored block', $signed->filter('.unitpicture')->html());
        self::assertCount(0, $signed->filter('.unitpicture a'), 'no way from there into the shop');
    }
}
