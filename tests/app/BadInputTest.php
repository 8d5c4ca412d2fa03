<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\Complaint;
use App\Intake\Statement;
use App\Measuring\Reading;
use Japhrex\Core\Chain\NodeKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a browser, a clumsy hand or somebody with bad intentions may send. */
final class BadInputTest extends AppTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> path, what is sent */
    public static function nonsense(): iterable
    {
        yield 'a list where a word belongs' => ['readings/body/gear-bore', ['readings' => ['a', 'b']]];
        yield 'a list as a note' => ['readings/body/gear-bore', ['readings' => '1 mm', 'note' => ['x' => 'y']]];
        yield 'a finding that is a word' => ['parts/body/findings', ['finding' => 'word']];
        yield 'a grade off the ramp' => ['parts/body/findings', ['finding' => ['kind' => 'damage', 'mode' => 'scoring', 'grade' => '7']]];
        yield 'a mode nobody knows' => ['parts/body/findings', ['finding' => ['kind' => 'damage', 'mode' => 'gremlins', 'grade' => '2']]];
        yield 'a kind nobody knows' => ['parts/body/findings', ['finding' => ['kind' => 'magic', 'grade' => '2']]];
        yield 'a surface of another part' => [
            'parts/body/findings',
            ['finding' => ['kind' => 'clean', 'surface' => 'lip', 'grade' => '0']],
        ];
        yield 'a state that does not exist' => ['strip/outside', ['state' => 'vanished', 'step' => []]];
        yield 'a link to nothing' => ['chain/links', ['link' => ['from' => 'x', 'to' => 'y', 'mechanism' => 'abrasion']]];
        yield 'an order that is a word' => ['chain/nodes', ['kind' => 'state', 'state' => ['name' => 'hot oil', 'order' => 'first']]];
        yield 'a responsibility nobody has' => ['verdict', ['verdict' => ['responsibility' => 'the-weather']]];
        yield 'a complaint of another family' => ['intake/complaints', ['complaint' => ['what' => 'slips']]];
        yield 'a size beyond measure' => ['readings/body/gear-bore', ['readings' => '1e999 mm']];
        yield 'a size whose square is beyond a double' => ['readings/body/gear-bore', ['readings' => '1e308 mm']];
        yield 'a list where a missing part is named' => ['strip/outside/missing', ['what' => ['a', 'b']]];
        yield 'an empty form' => ['intake/unit', []];
    }

    /** @param array<string, mixed> $sent */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAndNothingIsStored(string $path, array $sent): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $token = $this->token('/cases/'.$case->number.'/readings');
        $this->browser->request('POST', '/cases/'.$case->number.'/'.$path, $sent + ['_token' => $token]);
        self::assertContains($this->browser->getResponse()->getStatusCode(), [400, 404, 422], $this->said());
        foreach ([Finding::class, Reading::class, ChainNode::class, Complaint::class] as $class) {
            self::assertSame(0, self::em()->getRepository($class)->count(['case' => $case->id->toRfc4122()]), $class);
        }
    }

    /** @return iterable<array{string}> */
    public static function nowhere(): iterable
    {
        yield ['/cases/OQ-99-9999'];
        yield ['/cases/%2e%2e/intake'];
        yield ['/cases/NUMBER/parts/flux-capacitor'];
        yield ['/cases/NUMBER/strip?step=lunch'];
        yield ['/cases/NUMBER/photos/not-an-id'];
        yield ['/pictures/0192f0aa-0000-7000-8000-000000000000/480.jpg'];
        yield ['/pictures/0192f0aa-0000-7000-8000-000000000000/9999.jpg'];
        yield ['/reports/0192f0aa-0000-7000-8000-000000000000'];
        yield ['/cases/new?family=steam-engine'];
        yield ['/index.php/etc/passwd'];
    }

    #[DataProvider('nowhere')]
    public function testAnAddressThatLeadsNowhereSaysSo(string $address): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $this->browser->request('GET', str_replace('NUMBER', $case->number, $address));
        self::assertSame(404, $this->browser->getResponse()->getStatusCode(), $this->said());
        self::assertStringContainsString('To the floor', $this->said());
    }

    public function testNulBytesAndBrokenLettersAreTakenOutOfWords(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        self::assertSame(
            303,
            $this->send(
                $page,
                '/intake/statements',
                ['statement[words]' => "It \0whined\xc3\x28 loud", 'statement[who]' => 'driver', 'statement[source]' => 'first-hand'],
            ),
        );
        self::assertSame(
            'It whined?( loud',
            self::em()->getRepository(Statement::class)->findOneBy(['case' => $case->id->toRfc4122()])?->words,
        );
    }

    public function testScriptsInWordsStayWords(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $page = '/cases/'.$case->number.'/intake';
        $this->send(
            $page,
            '/intake/statements',
            ['statement[words]' => '<script>alert(1)</script>', 'statement[who]' => '"><img src=x>', 'statement[source]' => 'hearsay'],
        );
        $this->browser->request('GET', $page);
        self::assertStringNotContainsString('<script>alert', (string) $this->browser->getResponse()->getContent());
        self::assertStringContainsString('&lt;script&gt;alert(1)', (string) $this->browser->getResponse()->getContent());
        self::assertStringNotContainsString('<img src=x>', (string) $this->browser->getResponse()->getContent());
    }

    public function testAVeryLongWordIsRefusedWithTheFieldNamed(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        self::assertSame(
            422,
            $this->send(
                '/cases/'.$case->number.'/intake',
                '/intake/statements',
                ['statement[words]' => str_repeat('ä', 5000), 'statement[who]' => 'driver', 'statement[source]' => 'hearsay'],
            ),
        );
        self::assertStringContainsString('too long', $this->said());
        self::assertStringContainsString(
            str_repeat('ä', 5000),
            (string) $this->browser->getResponse()->getContent(),
            'what was typed is still there',
        );
    }

    public function testAPageThatWasOpenTooLongSaysSo(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $this->browser->request('POST', '/cases/'.$case->number.'/parts/body/clean', ['_token' => 'stale']);
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('open too long', $this->said());
    }

    public function testAStaleCaptionShowsBothValues(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $photo = self::service(PhotoIntake::class)->take(
            __DIR__.'/../../demo/photos/gear-good.jpg',
            'a.jpg',
            $case,
            'body',
            PhotoStage::AsFound,
        );
        $page = 'photos/'.$photo->id;
        self::assertSame(
            303,
            $this->act($case, $page, ['caption' => 'theirs', 'seen' => '', 'part' => 'body', 'stage' => 'cleaned'], $page),
        );
        self::assertSame(303, $this->act($case, $page, ['caption' => 'mine', 'seen' => '', 'part' => 'body', 'stage' => 'cleaned'], $page));
        $this->browser->followRedirect();
        self::assertStringContainsString('saved “theirs”; you typed “mine”', $this->said());
        self::assertSame('theirs', self::em()->find(Photo::class, $photo->id)?->caption);
    }

    public function testTwoPeopleChangingDifferentSidesOfOnePartBothKeepTheirs(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $page = '/cases/'.$case->number.'/parts/drive-gear';
        $mine = $this->browser->request('GET', $page)->filter('#form_part')->form();
        $this->send($page, '/parts/drive-gear', ['part[play]' => '2', 'part[note]' => 'theirs']);
        $this->browser->submit($mine, ['part[feel]' => 'felt']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $this->browser->request('GET', $page);
        self::assertSelectorExists('[name="part[feel]"][value="felt"][checked]');
        self::assertSelectorExists('[name="part[play]"][value="2"][checked]');
        self::assertStringContainsString('theirs', $this->said());
    }

    public function testAnOriginWithoutAKindKeepsItsWords(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $form = $this->browser->request(
            'GET',
            '/cases/'.$case->number.'/chain',
        )->filter('form[action$="/chain/nodes"]')->first()->form(['origin[name]' => 'Dirt let in']);
        $this->browser->submit($form);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('A chain starts at something that somebody can change', $this->said());
        self::assertInputValueSame('origin[name]', 'Dirt let in');
    }

    public function testTakingAConditionOutOfTheChainTakesItsLinks(): void
    {
        $case = $this->aCase();
        $node = new ChainNode($case, NodeKind::State);
        $node->name = 'hot oil';
        self::em()->persist($node);
        self::em()->flush();
        $this->signIn(Role::Analyst);
        self::assertSame(303, $this->act($case, 'chain/nodes/'.$node->id.'/remove', [], 'chain'));
        self::assertSame(0, self::em()->getRepository(ChainNode::class)->count(['case' => $case->id->toRfc4122()]));
    }

    public function testSavingAfterTheSessionEndedDoesNotGiveWayToTheLogIn(): void
    {
        $case = $this->aCase();
        $this->browser->request('POST', '/cases/'.$case->number.'/intake/unit', [], [], ['HTTP_HX_REQUEST' => 'true']);
        self::assertSame(401, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('What you typed is still here', $this->said());
        $this->browser->request('POST', '/cases/'.$case->number.'/intake/unit');
        self::assertResponseRedirects('http://localhost/login');
    }

    public function testTwoPeopleBeginningTheSameRecordInTheSameMomentAreTold(): void
    {
        $twice = new class('duplicate key') extends \Exception implements \Doctrine\DBAL\Driver\Exception {
            public function getSQLState(): string
            {
                return '23505';
            }
        };
        $said = (new \ReflectionMethod(\App\Platform\ErrorPages::class, 'said'))->invoke(
            self::service(\App\Platform\ErrorPages::class),
            new \Doctrine\DBAL\Exception\UniqueConstraintViolationException($twice, null),
        );
        self::assertIsArray($said);
        self::assertSame(409, $said[0]);
        self::assertStringContainsString('Nothing of theirs was overwritten', $said[1]);
    }
}
