<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Books\ShopBook;
use App\Evidence\Finding;
use Japhrex\Core\Damage\FindingKind;

/** A shop writes a book of its own: a new family without a line of code. */
final class OwnBooksTest extends AppTestCase
{
    private static function text(): string
    {
        return (string) file_get_contents(__DIR__.'/books/own-quay-hand-pump.yaml');
    }

    private function take(string $text): int
    {
        $this->browser->request('POST', '/books/write', ['text' => $text, '_token' => $this->token('/books/write')]);

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testAThirteenthFamilyIsTakenInStrippedAndReadWithoutACodeChange(): void
    {
        $this->signIn(Role::Analyst);
        self::assertSame(303, $this->take(self::text()));
        self::assertStringContainsString('Quay hand pump, deep', $this->browser->request('GET', '/library')->text());
        self::assertStringContainsString(
            'Quay hand pump, short',
            $this->browser->request('GET', '/library?q=bucket')->text(),
            'found by another name',
        );
        $this->browser->submitForm(
            $this->browser->request('GET', '/cases/new?family=own-quay-hand-pump-deep')->selectButton('Take it in')->text(),
            ['unit[customer]' => 'Lugger'],
        );
        $this->browser->followRedirect();
        $number = explode('/', $this->browser->getRequest()->getPathInfo())[2];
        foreach (['strip?step=foot', 'parts/foot-valve', 'readings', 'chain', 'chain/candidates', 'report'] as $page) {
            $this->browser->request('GET', '/cases/'.$number.'/'.$page);
            self::assertResponseIsSuccessful($page);
        }
        self::assertCount(4, $this->browser->request('GET', '/library/own-quay-hand-pump-deep/map?kind=all')->filter('.unitmap rect.box'));
        self::assertCount(3, $this->browser->request('GET', '/library/own-quay-hand-pump-short/map?kind=all')->filter('.unitmap rect.box'));
    }

    public function testAnErrorIsRefusedInTheWordsOfTheCheckWithItsLineAndTheTextStays(): void
    {
        $this->signIn(Role::Analyst);
        $wrong = str_replace(['needs: [foot]', 'book: own-'], ['needs: [moon]', 'book: '], self::text());
        $line = 1 + substr_count((string) strstr($wrong, 'needs: [moon]', true), "\n");
        self::assertSame(422, $this->take($wrong));
        self::assertStringContainsString('Line '.$line.' strip/2/needs: there is no step "moon".', $this->said());
        self::assertStringContainsString('begin it with "own-"', $this->said());
        self::assertSame(trim($wrong), trim($this->browser->getCrawler()->filter('#book-text')->text(null, false)));
        self::assertSame(0, self::em()->getRepository(ShopBook::class)->count([]));
    }

    public function testABookThatWouldTakeTheShelfDownIsRefusedAndOneThatStandsThereIsSetAside(): void
    {
        $this->signIn(Role::Analyst);
        $types = (string) preg_replace('/^types:\n(?: .*\n)+/m', "types: []\n", self::text());
        self::assertStringContainsString('types: []', $types);
        foreach ([$types, str_replace('types: []', 'types: {}', $types)] as $text) {
            self::assertSame(422, $this->take($text));
        }
        // Ten times ten times ten …: refused before it is unfolded.
        self::assertSame(422, $this->take("book: own-bomb\na: &a [x, x]\nb: &b [*a, *a]\nc: [*b, *b]\n"));
        self::assertStringContainsString('no anchors and aliases', $this->said());
        self::assertSame(0, self::em()->getRepository(ShopBook::class)->count([]));
        // What an earlier version took is set aside; everything else stays on its feet.
        $who = $this->person(Role::Analyst);
        self::em()->persist(new ShopBook('own-list', 'types: []', [], $who));
        self::em()->persist(new ShopBook('own-torn', 'book: own-torn', ['own-torn' => ['book' => 'own-torn']], $who));
        self::em()->flush();
        foreach (['/', '/library', '/cases/new', '/prices'] as $page) {
            $this->browser->request('GET', $page);
            self::assertResponseIsSuccessful($page);
        }
        $this->browser->request('GET', '/library');
        self::assertStringContainsString('"own-torn" cannot be read any more and is set aside', $this->said());
    }

    public function testANameOfTwoWordsThatWouldBeCutIsPointedOut(): void
    {
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->take(str_replace('"pipe length": 2 m', 'pipe length: 2 m', self::text())));
        self::assertStringContainsString('a name of two words inside {…} is quoted: "pipe length"', $this->said());
    }

    public function testANewVersionEndsTheOneBeforeAndKeepsPartsThatCasesSpeakOf(): void
    {
        $this->signIn(Role::Analyst);
        $this->take(self::text());
        $case = $this->aCase();
        $case->family = 'own-quay-hand-pump-deep';
        $finding = new Finding($case, 'foot-valve');
        $finding->kind = FindingKind::Clean;
        self::em()->persist($finding);
        self::em()->flush();
        $without = (string) preg_replace(
            '/  - key: foot\n.*?(?=  - key: plunger)/s',
            '',
            (string) preg_replace(
                ['/  foot-valve:\n.*?(?=\ncarriers)/s', '/.*(?:foot-valve|step: foot).*\n/', '/needs: \[foot\]/'],
                ['', '', 'needs: [lid]'],
                self::text(),
            ),
        );
        self::assertSame(422, $this->take($without));
        self::assertStringContainsString('case '.$case->number.' has a finding on this part; it has to stay in the book', $this->said());
        self::assertSame(303, $this->take(str_replace('Quay hand pump, deep', 'Quay hand pump, long', self::text())));
        $versions = self::em()->getRepository(ShopBook::class)->findBy([], ['id' => 'ASC']);
        self::assertCount(2, $versions);
        self::assertNotNull($versions[0]->endedAt);
        self::assertNull($versions[1]->endedAt);
        self::assertStringContainsString('Quay hand pump, long', $this->browser->request('GET', '/library')->text());
    }

    public function testAnyBookCanBeTakenOutAsTheFileItIsAndBeBegunWith(): void
    {
        $this->signIn(Role::Analyst);
        $this->browser->request('GET', '/books/vane-pump-dry.yaml');
        self::assertSame((string) file_get_contents(__DIR__.'/../../books/vane-pump.yaml'), $this->browser->getResponse()->getContent());
        self::assertStringContainsString(
            'book: own-vane-pump',
            $this->browser->request('GET', '/books/write?from=vane-pump-dry')->filter('#book-text')->text(),
        );
    }

    public function testABenchHandReadsBooksButWritesNone(): void
    {
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/books/write');
        self::assertResponseStatusCodeSame(403);
        $this->browser->request('POST', '/books/write', ['text' => self::text(), '_token' => $this->token('/library/roller-pump') ?: 'x']);
        self::assertResponseStatusCodeSame(403);
    }
}
