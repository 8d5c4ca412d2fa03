<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Books\BookShelf;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Evidence\Watch\Watched;
use App\Evidence\Watch\WatchList;
use App\Library\MapBox;
use App\Library\MapLine;
use App\Library\MapPicture;
use App\Library\UnitMap;
use App\Measuring\CaseMeasures;
use App\Measuring\Reading;
use App\Measuring\ShopLimit;
use App\Verdict\Verdict as CaseVerdict;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Measuring\LimitVerdict;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Filesystem\Filesystem;

/** The library of books, the map of a unit, and the watch list in a case. */
final class LibraryTest extends AppTestCase
{
    /** The twelve families that the trade asks for, each in its types. */
    private const FAMILIES = [
        'external-gear-pump', 'internal-gear-process-pump-packing', 'internal-gear-process-pump-face-seal', 'crescent-front-pump',
        'vane-pump-dry', 'vane-pump-oil-sealed', 'vane-pump-hydraulic', 'roller-pump', 'axial-piston-pump-single',
        'axial-piston-pump-tandem',
        'hydrostatic-transaxle', 'automatic-transmission', 'reversing-gearbox', 'transfer-case', 'distributor-injection-pump',
        'centrifugal-pump', 'stacked-gear-pump',
    ];

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (self::FAMILIES as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function testEveryFamilyCanBeReadMappedAndTakenIn(string $family): void
    {
        $this->signIn(Role::Desk);
        $book = self::service(BookShelf::class)->book($family);
        $page = $this->browser->request('GET', '/library/'.$family);
        self::assertResponseIsSuccessful();
        self::assertCount(\count($book->parts), $page->filter('.bookpart'));
        self::assertGreaterThanOrEqual(20, \count($book->parts));
        foreach ([$book->cautions[0], ...array_map(static fn ($watch): string => $watch->what, array_values($book->watch))] as $words) {
            self::assertStringContainsString(self::plain($words), self::plain($page->text()));
        }
        $map = $this->browser->request('GET', '/library/'.$family.'/map?kind=all');
        self::assertCount(\count($book->parts), $map->filter('.unitmap rect.box'), 'every part stands on the map');
        $new = $this->browser->request('GET', '/cases/new');
        $this->browser->click($new->selectLink($book->title)->link());
        $this->browser->submitForm('Take it in', ['unit[customer]' => 'Cable ferry']);
        $this->browser->followRedirect();
        $case = self::caseOf($this->browser->getRequest()->getPathInfo());
        // Each known weak place is asked for at the step that takes its part off.
        $weak = explode('/', array_values($book->watch)[0]->place ?? '')[0];
        $step = array_values(array_filter($book->strip, static fn ($step): bool => \in_array($weak, $step->removes, true)))[0] ?? null;
        if (null !== $step) {
            $asked = $this->browser->request('GET', $case.'/strip?step='.$step->key)->filter('#watch .watchrow');
            self::assertGreaterThan(0, $asked->count(), $step->key);
        }
        foreach (['strip', 'parts', 'parts/'.array_key_first($book->parts), 'readings', 'chain', 'report'] as $stage) {
            $this->browser->request('GET', $case.'/'.$stage);
            self::assertResponseIsSuccessful($stage);
        }
    }

    private static function caseOf(string $uri): string
    {
        return 1 === preg_match('~/cases/[^/?]+~', $uri, $m) ? $m[0] : '';
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/\s+/', ' ', $text);
    }

    public function testAPartIsFoundInAllBooksByTheNameThatOthersUse(): void
    {
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/library?q=lens+plate');
        self::assertStringContainsString('Port plate', $this->said());
        $this->browser->request('GET', '/library?q=gizmo');
        self::assertStringContainsString('No part is called “gizmo”', $this->said());
        $this->browser->request('GET', '/library/steam-engine');
        self::assertResponseStatusCodeSame(404);
    }

    public function testOilIsFollowedOnwardAndBack(): void
    {
        $book = self::service(BookShelf::class)->book('external-gear-pump');
        $on = static fn (MapPicture $map): array => array_column(
            array_filter($map->boxes, static fn (MapBox $box): bool => $box->on),
            'part',
        );
        $map = self::service(UnitMap::class);
        $reached = $on($map->draw($book, CarrierKind::Oil, 'suction-strainer'));
        self::assertContains('front-block', $reached);
        self::assertEqualsCanonicalizing(
            ['suction-strainer', 'suction-fitting', 'suction-hose', 'tank'],
            $on($map->draw($book, CarrierKind::Oil, 'suction-fitting', back: true)),
        );
        $filtered = array_filter(
            $map->draw(self::service(BookShelf::class)->book('axial-piston-pump-single'), CarrierKind::Oil)->lines,
            static fn (MapLine $line): bool => $line->filter,
        );
        self::assertCount(1, $filtered);
        self::assertStringContainsString('25 µm mesh (passed by: a torn or missing element)', array_values($filtered)[0]->says);
    }

    public function testTheMapOfACaseWearsItsGrades(): void
    {
        $case = $this->aCase();
        $finding = new Finding($case, 'front-block');
        [$finding->kind, $finding->mode, $finding->grade] = [FindingKind::Damage, 'scoring', 3];
        self::em()->persist($finding);
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/library/external-gear-pump/map?kind=oil&case='.$case->number);
        self::assertSame('3', $page->filter('.unitmap .g3 .grade')->text());
        self::assertCount(1, $page->filter('.unitmap .bar'), 'only what was looked at');
    }

    public function testTheShopsOwnLimitStandsBesideTheBooksAndTheTighterCounts(): void
    {
        $case = $this->aCase();
        $reading = new Reading($case, 'relief-spring', 'free-length');
        $reading->typed = ['37.40 mm', '37.40 mm'];
        self::em()->persist($reading);
        self::em()->flush();
        $this->signIn(Role::Analyst);
        $verdict = fn (): ?LimitVerdict => self::service(CaseMeasures::class)->measuredIn(
            $this->fresh($case)
        )['relief-spring']['free-length']->verdict();
        self::assertSame(LimitVerdict::Within, $verdict());
        $enter = function (array $limit): int {
            $this->browser->request(
                'POST',
                '/library/external-gear-pump/limits/relief-spring/free-length',
                $limit + ['_token' => $this->token('/library/external-gear-pump'), 'new' => '', 'max' => ''],
            );

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame(422, $enter(['min' => '37.6 bar', 'source' => 'manual, page 12']));
        self::assertSame(422, $enter(['min' => '37.6 mm', 'source' => '']), 'a limit without its source');
        self::assertSame(303, $enter(['min' => '37.6 mm', 'source' => 'manual, page 12']));
        self::assertSame(LimitVerdict::Outside, $verdict());
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        self::assertStringContainsString('manual, page 12', $this->said());
        self::assertStringContainsString('The sources disagree', $this->said());
        // Looser than the book's: both show, and the book's counts until an analyst chooses.
        self::assertSame(303, $enter(['min' => '36 mm', 'source' => 'manual, page 12']));
        self::assertSame(LimitVerdict::Within, $verdict());
        $this->browser->request('GET', '/library/external-gear-pump');
        self::assertStringContainsString('ours min 36.000 mm', (string) preg_replace('/\s+/', ' ', $this->said()));
        // A case that was signed meanwhile keeps the limits of its day.
        foreach (self::em()->getRepository(ShopLimit::class)->findBy(['endedAt' => null]) as $limit) {
            $limit->madeAt = new \DateTimeImmutable('-1 day');
        }
        self::em()->flush();
        $signed = $this->fresh($case);
        $signed->signedAt = new \DateTimeImmutable('-1 hour');
        self::em()->flush();
        self::assertSame(303, $enter(['min' => '37.9 mm', 'source' => 'manual, next edition']));
        self::assertSame(LimitVerdict::Within, $verdict());
        $signed = $this->fresh($case);
        // Only a new revision opens it again.
        self::em()->persist(new CaseVerdict($signed, 1));
        $signed->signedAt = null;
        self::em()->flush();
        self::assertSame(LimitVerdict::Outside, $verdict());
        self::assertSame(303, $enter(['min' => '', 'source' => '']));
        $this->browser->request('GET', '/cases/'.$case->number.'/readings');
        self::assertStringNotContainsString('manual, page 12', $this->said());
        $this->signIn(Role::Bench);
        $this->browser->request(
            'POST',
            '/library/external-gear-pump/limits/relief-spring/free-length',
            ['_token' => $this->token('/'), 'min' => '1 mm'],
        );
        self::assertResponseStatusCodeSame(403);
    }

    public function testAPartThatDoesNotBelongBecomesAFindingOfAnEarlierRepair(): void
    {
        $case = $this->aCase();
        [$case->maker, $case->model] = ['Vintrey', 'G28'];
        self::em()->flush();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        self::assertStringContainsString('Should be 26 mm.', $this->said());
        $check = fn (string $found, string $rated, string $what = 'gear width'): int => $this->act(
            $case,
            'contents',
            ['part' => 'drive-gear', 'what' => $what, 'found' => $found, 'rated' => $rated],
            'parts',
        );
        self::assertSame(422, $check('', 'weaker'));
        self::assertSame(422, $check('15 mm', 'yes'), 'that it differs is no fault by itself: what is it worth?');
        self::assertSame(404, $check('15 mm', 'weaker', 'colour'));
        self::assertSame(303, $check('15 mm', 'equal'));
        self::assertSame(FindingKind::OldScar, self::em()->getRepository(Finding::class)->findOneBy(['part' => 'drive-gear'])?->kind);
        self::assertSame(303, $check('15 mm', 'weaker'));
        $findings = self::em()->getRepository(Finding::class)->findBy(['case' => $case->id->toRfc4122()]);
        self::assertCount(1, $findings, 'told twice it is still one finding');
        self::assertSame('Earlier repair: gear width found 15 mm; this model should have 26 mm: weaker for this duty.', $findings[0]->note);
        self::assertSame(FindingKind::Damage, $findings[0]->kind);
        self::assertSame(303, $check('', 'as-it-should'));
        $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        self::assertStringContainsString('As it should be.', $this->said());
    }

    public function testABookOfTheShopWithAnErrorIsRefusedWithTheWordsOfTheCheckAndTheOthersStay(): void
    {
        $root = sys_get_temp_dir().'/shelf-'.bin2hex(random_bytes(4));
        $files = new Filesystem();
        $files->mirror(__DIR__.'/../../books/schema', $root.'/books/schema');
        $files->copy(__DIR__.'/../../books/roller-pump.yaml', $root.'/books/roller-pump.yaml');
        $files->dumpFile(
            $root.'/books/our-pump.yaml',
            str_replace(
                ['book: roller-pump', 'needs: [rollers]'],
                ['book: our-pump', 'needs: [moon]'],
                (string) file_get_contents(__DIR__.'/../../books/roller-pump.yaml'),
            ),
        );
        $shelf = new BookShelf($root, $root.'/build');
        self::assertSame(['Roller pump'], array_map(static fn (Book $book): string => $book->title, $shelf->all()));
        $refused = $shelf->refused();
        self::assertSame(['our-pump'], array_keys($refused));
        self::assertMatchesRegularExpression(
            '~^books/our-pump\.yaml is refused\. Line \d+: strip/\d+/needs: there is no step "moon"\.~',
            $refused['our-pump'],
        );
        // Mended, it stands on the shelf: no code was changed.
        $files->dumpFile(
            $root.'/books/our-pump.yaml',
            str_replace(
                ['book: roller-pump', 'title: Roller pump'],
                ['book: our-pump', 'title: Our pump'],
                (string) file_get_contents(__DIR__.'/../../books/roller-pump.yaml'),
            ),
        );
        touch($root.'/books/our-pump.yaml', time() + 5);
        clearstatcache();
        self::assertSame(
            ['Our pump', 'Roller pump'],
            array_map(static fn (Book $book): string => $book->title, (new BookShelf($root, $root.'/build'))->all()),
        );
        $files->remove($root);
    }

    public function testWhereNoPhotoIsThePartIsDrawnOnTheMap(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/parts/front-block');
        self::assertStringContainsString('On the map of the unit', $page->filter('figure.around')->text());
        self::assertStringContainsString('Front bearing block', $page->filter('figure.around .inhand')->text());
        self::assertGreaterThan(2, $page->filter('figure.around rect')->count());
    }

    public function testAShopCallsAPartByItsOwnWordAndOthersStillFindIt(): void
    {
        $this->signIn(Role::Analyst);
        $word = fn (string $word): mixed => $this->browser->request(
            'POST',
            '/library/axial-piston-pump-single/words/port-plate',
            ['word' => $word, '_token' => $this->token('/library/axial-piston-pump-single')],
        );
        $word('Lens plate');
        self::assertResponseStatusCodeSame(303);
        $page = $this->browser->request('GET', '/library/axial-piston-pump-single');
        self::assertSame('Lens plate', $page->filter('#port-plate h2')->text());
        self::assertStringContainsString('Also called Port plate, valve plate', $page->filter('#port-plate')->text());
        $this->browser->request('GET', '/library?q=port+plate');
        self::assertStringContainsString('Lens plate', $this->said());
        $word('');
        self::assertSame(
            'Port plate',
            $this->browser->request('GET', '/library/axial-piston-pump-single')->filter('#port-plate h2')->text(),
        );
    }

    public function testAShopTakesASideAndACaseRecordsWhatWasUsed(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $choose = function (string $side, string $number = ''): int {
            $this->browser->request(
                'POST',
                '/library/external-gear-pump/choices/scored-block',
                ['side' => $side, 'case' => $number, '_token' => $this->token('/library/external-gear-pump')],
            );

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame(404, $choose('polish'));
        self::assertSame(303, $choose('lap'));
        self::assertSame(303, $choose('replace', $case->number));
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        $said = (string) preg_replace('/\s+/', ' ', $page->filter('#choices')->text());
        self::assertStringContainsString('measured. our way', $said);
        self::assertSame('Used here', $page->filter('#choices [aria-pressed=true]')->text());
        $this->signIn(Role::Bench);
        $this->browser->request(
            'POST',
            '/library/external-gear-pump/choices/scored-block',
            ['_token' => $this->token('/'), 'side' => 'lap'],
        );
        self::assertResponseStatusCodeSame(403);
    }

    public function testAWeakPlaceIsAnsweredByWhatWasFoundThere(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $open = fn (): int => \count(
            array_filter(self::service(WatchList::class)->answered($this->fresh($case)), static fn (Watched $one): bool => $one->isOpen())
        );
        self::assertSame(5, $open());
        self::assertSame(303, $this->act($case, 'watch/drain', ['grade' => '3']));
        self::assertSame(404, $this->act($case, 'watch/moon', ['grade' => '3']));
        self::assertSame(422, $this->act($case, 'watch/drain', ['grade' => '9']));
        self::assertSame(303, $this->act($case, 'watch/strainer', ['grade' => '0']));
        // It is a finding of its part like any other: page, counts and closure agree.
        $drain = self::em()->getRepository(Finding::class)->findOneBy(
            ['case' => $case->id->toRfc4122(), 'part' => 'front-cover']
        ) ?? self::fail();
        self::assertSame(['drain', 'deposits', 3], [$drain->surface, $drain->mode, $drain->grade]);
        self::assertSame(3, $open());
        // A finding that is made elsewhere answers it too, and the chain that had only supposed it.
        $case = $this->fresh($case);
        $supposed = new ChainNode($case, NodeKind::Damage);
        [$supposed->name, $supposed->spot, $supposed->evidence] = [
            'Jet erosion, load seal',
            'damage:jet-erosion@rear-load-seal',
            'Proposed by the engine; nobody has looked for it yet.',
        ];
        self::em()->persist($supposed);
        self::em()->flush();
        $seal = new Finding($case, 'rear-load-seal');
        [$seal->mode, $seal->grade] = ['jet-erosion', 2];
        self::service(RecordFinding::class)($seal, $this->person(Role::Bench));
        self::assertSame([$seal, ''], [$supposed->finding, $supposed->evidence]);
        self::assertSame(2, $open());
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/rear-load-seal');
        self::assertStringContainsString('Found there: jet erosion, grade 2', $this->said());
        $this->signIn(Role::Viewer);
        $this->browser->request('POST', '/cases/'.$case->number.'/watch/drain', ['_token' => $this->token('/'), 'grade' => '0']);
        self::assertResponseStatusCodeSame(403);
    }

    public function testEveryFillOfEveryBookIsAnsweredOnceItsReadingsAreThere(): void
    {
        $figures = new \Japhrex\Core\Figure\FigureRegistry();
        $asked = 0;
        foreach (self::service(BookShelf::class)->all() as $book) {
            foreach ($book->parts as $part) {
                foreach ($part->fields as $field) {
                    if (null === $field->from) {
                        continue;
                    }
                    // New sizes where the book gives them: then the size worked out is the new one of its own field.
                    $sources = self::newSizes($book);
                    $derived = (new \Japhrex\Core\Figure\Fill\Filler($figures))->derive($field->from, $sources);
                    self::assertSame('', $derived->wrong, $book->key.' '.$part->key.'/'.$field->key);
                    self::assertNotNull(
                        $derived->size,
                        $book->key.' '.$part->key.'/'.$field->key.' misses '.implode(', ', $derived->missing),
                    );
                    self::assertEqualsWithDelta(
                        $field->limits()?->new?->si,
                        $derived->size->x,
                        2e-6,
                        $book->key.' '.$part->key.'/'.$field->key.': the sizes when new do not fit together',
                    );
                    ++$asked;
                }
            }
        }
        self::assertGreaterThan(10, $asked);
    }

    private static function newSizes(Book $book): \Japhrex\Core\Figure\Fill\Sources
    {
        return new class($book) implements \Japhrex\Core\Figure\Fill\Sources {
            public function __construct(private readonly Book $book)
            {
            }

            public function known(string $reference): ?\Japhrex\Core\Figure\Fill\Known
            {
                $new = $this->book->field($reference)?->limits()?->new;

                return null === $new
                    ? null
                    : new \Japhrex\Core\Figure\Fill\Known($new->si, 0.0, $new->dimension, $new->typedUnit, $reference);
            }
        };
    }
}
