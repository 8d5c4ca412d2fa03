<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use Japhrex\Core\Figure\FigureRegistry;
use PHPUnit\Framework\Attributes\DataProvider;

/** The bench of figures: every one is asked, answers with its example, and can be sent as a link. */
final class FiguresTest extends AppTestCase
{
    /** @return iterable<string, array{string}> */
    public static function figures(): iterable
    {
        foreach ((new FigureRegistry())->byGroup() as $cards) {
            foreach ($cards as $card) {
                yield $card->name => [$card->name];
            }
        }
    }

    #[DataProvider('figures')]
    public function testEveryFigureStandsOnThePageWithItsFieldsADrawingAndItsSource(string $name): void
    {
        $this->signIn(Role::Viewer);
        $card = (new FigureRegistry())->card($name);
        $empty = $this->browser->request('GET', '/figures/'.$name);
        self::assertResponseIsSuccessful();
        self::assertStringContainsStringIgnoringCase($card->source, $empty->filter('details')->text());
        foreach ($card->keys as $key) {
            self::assertGreaterThan(0, $empty->filter('[name="'.$key->name.'"]')->count(), $key->name);
        }
        $answered = $this->browser->click($empty->selectLink('Try an example')->link());
        self::assertResponseIsSuccessful();
        self::assertGreaterThan(0, $answered->filter('.results dd')->count());
        self::assertGreaterThan(0, $answered->filter('.pictures svg')->count());
    }

    public function testWhatIsBelowNothingSaysSo(): void
    {
        $this->signIn(Role::Viewer);
        // Agree in 2 of 10 where chance alone gives half: (0.2 − 0.5)/(1 − 0.5).
        $page = $this->browser->request('GET', '/figures/kappa?table=1,4;4,1');
        self::assertStringContainsString('−0.6', $page->filter('.results')->text());
    }

    public function testTheAnswerOfALinkIsTheSameInEveryForm(): void
    {
        $this->signIn(Role::Bench);
        // 44.10 − 43.98 = 0.12 across, so 0.06 mm on each side.
        $typed = '?bore=44.10mm&tip-diameter=43.98%20mm';
        $page = $this->browser->request('GET', '/figures/tip-clearance'.$typed);
        self::assertSame('0.060 mm', $page->filter('.results dd')->text());
        self::assertSame('44.10mm', $page->filter('[name=bore]')->attr('value'));
        $this->browser->request('GET', '/figures/tip-clearance.json'.$typed);
        $json = json_decode((string) $this->browser->getResponse()->getContent(), true, 9, \JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        self::assertEqualsWithDelta(0.06, $json['results']['clearance']['value'], 1e-12);
        self::assertSame(['value' => 44.1, 'unit' => 'mm'], $json['inputs']['bore']);
        $this->browser->request('GET', '/figures/tip-clearance.csv'.$typed);
        self::assertMatchesRegularExpression('/^result,clearance,0\.06\d*,mm$/m', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('GET', '/figures/tip-clearance.txt'.$typed);
        self::assertStringContainsString('bore: 44.10mm', (string) $this->browser->getResponse()->getContent());
    }

    public function testInchesAreAnsweredToWhoReadsInches(): void
    {
        $person = $this->signIn(Role::Bench);
        $person->units = \Japhrex\Core\Quantity\UnitSystem::Inch;
        self::em()->flush();
        $page = $this->browser->request('GET', '/figures/side-clearance?pocket-depth=1.0025in&gear-thickness=1.000in');
        self::assertSame('0.0025 in', $page->filter('.results dd')->text());
    }

    public function testWrongInputIsKeptAndAnsweredBesideItsField(): void
    {
        $this->signIn(Role::Bench);
        $page = $this->browser->request('GET', '/figures/side-clearance?pocket-depth=3,000psi&gear-thickness=26mm');
        self::assertResponseIsSuccessful();
        self::assertSame('3,000psi', $page->filter('[name=pocket-depth]')->attr('value'));
        self::assertNotSame('', $page->filter('#e_pocket-depth')->text());
        self::assertSame('', $page->filter('#e_gear-thickness')->text());
        self::assertSame('26mm', $page->filter('[name=gear-thickness]')->attr('value'));
        $this->browser->request('GET', '/figures/side-clearance.json?pocket-depth=25mm&gear-thickness=26mm');
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('proud', (string) $this->browser->getResponse()->getContent());
    }

    public function testWhileTypingOnlyTheAnswerComesAndTheAddressFollows(): void
    {
        $this->signIn(Role::Bench);
        $this->browser->request(
            'GET',
            '/figures/tip-clearance?bore=44.10mm&tip-diameter=',
            server: ['HTTP_HX_REQUEST' => 'true', 'HTTP_HX_TARGET' => 'answer'],
        );
        $said = (string) $this->browser->getResponse()->getContent();
        self::assertStringNotContainsString('<html', $said);
        self::assertStringContainsString('Still needed: tip diameter', $said);
        self::assertSame('/figures/tip-clearance?bore=44.10mm', $this->browser->getResponse()->headers->get('HX-Replace-Url'));
    }

    public function testAShelfThatCannotSetTheEndPlaySaysSo(): void
    {
        $this->signIn(Role::Bench);
        $page = $this->browser->request(
            'GET',
            '/figures/shim-pick?'.http_build_query(
                ['measured' => '1.0 mm', 'low' => '0.1 mm', 'high' => '0.2 mm', 'stock' => '0.3mm;0.4mm']
            ),
        );
        self::assertStringContainsString('too loose', $page->filter('.result')->text());
        self::assertSame('no', $page->filter('.refused dd')->text());
    }

    public function testAnUnknownFigureIsNamed(): void
    {
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/figures/phase-of-the-moon');
        self::assertResponseStatusCodeSame(404);
        self::assertStringContainsString('phase-of-the-moon', $this->said());
    }
}
