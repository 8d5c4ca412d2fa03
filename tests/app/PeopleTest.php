<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\LogIn\SignedIn;
use App\Account\OurShop;
use App\Account\People\PasswordError;
use App\Account\People\PasswordLinks;
use App\Account\People\Passwords;
use App\Account\Role;
use App\Account\ShopKind;
use App\Account\User;
use App\Demo\DemoShop;
use App\Shop\Begin\BeginShop;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;

/** People come, choose their own passwords, change what they do, and go; their names stay. */
final class PeopleTest extends AppTestCase
{
    private const WORDS = 'harbour kettle seven';

    protected function tearDown(): void
    {
        Clock::set(new \Symfony\Component\Clock\NativeClock());
        parent::tearDown();
    }

    private function named(string $username): User
    {
        self::em()->clear();

        return self::em()->getRepository(User::class)->findOneBy(['username' => $username]) ?? self::fail();
    }

    private function choose(string $path, string $password, string $again): int
    {
        $form = $this->browser->request('GET', $path)->selectButton('Set it')->form(['password' => $password, 'again' => $again]);
        $this->browser->submit($form);

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testAnAnalystLetsSomebodyInWhoChoosesAPasswordByALinkThatWorksOnce(): void
    {
        $this->signIn(Role::Analyst);
        $form = $this->browser->request('GET', '/people')->selectButton('Let them in')->form([
            'person_in_shop[name]' => 'Ida Marsk', 'person_in_shop[username]' => 'ida', 'person_in_shop[role]' => 'ROLE_BENCH',
        ]);
        $this->browser->submit($form);
        $link = $this->browser->followRedirect()->filter('code.address')->text();
        $path = (string) parse_url($link, \PHP_URL_PATH);
        $this->browser->reload();
        self::assertStringNotContainsString($path, (string) $this->browser->getResponse()->getContent(), 'shown once');
        $this->browser->getCookieJar()->clear();
        self::assertSame(422, $this->choose($path, self::WORDS, 'something else'));
        self::assertSame('', $this->named('ida')->password);
        self::assertSame(303, $this->choose($path, self::WORDS, self::WORDS));
        $this->browser->request('GET', $path);
        self::assertSame(410, $this->browser->getResponse()->getStatusCode());
        $form = $this->browser->request('GET', '/login')->selectButton('Sign in')->form(['_username' => 'ida', '_password' => self::WORDS]);
        $this->browser->submit($form);
        $this->browser->followRedirect();
        self::assertStringContainsString('On the floor', $this->said());
    }

    public function testALinkHoldsThreeDaysAndANewOneEndsTheOld(): void
    {
        $ida = $this->person(Role::Bench, 'ida');
        $links = self::service(PasswordLinks::class);
        $first = $links->make($ida, $ida);
        $second = $links->make($ida, $ida);
        foreach ([[$first, 410], [$second, 200]] as [$token, $status]) {
            $this->browser->request('GET', '/welcome/'.$token);
            self::assertSame($status, $this->browser->getResponse()->getStatusCode());
        }
        Clock::set(new MockClock('+3 days +1 minute'));
        $this->browser->request('GET', '/welcome/'.$second);
        self::assertSame(410, $this->browser->getResponse()->getStatusCode());
    }

    /** @return iterable<string, array{string, string}> */
    public static function weak(): iterable
    {
        yield 'short' => ['nine sign', '10 characters or more'];
        yield 'even' => ['aaaaaaaaaaaa', 'five different characters'];
        yield 'that of the demo' => [DemoShop::PASSWORD, 'among the first'];
        yield 'that of the demo with a year' => ['Ostrey-Quay2026', 'among the first'];
        yield 'digits only' => ['1029384756', 'among the first'];
        yield 'the own name' => ['Test Bench!', 'own name'];
    }

    #[DataProvider('weak')]
    public function testAPasswordThatProtectsNobodyIsRefusedAndWhatWouldDoIsSaid(string $typed, string $says): void
    {
        $this->expectException(PasswordError::class);
        $this->expectExceptionMessage($says);
        self::service(Passwords::class)->set($this->person(Role::Bench), $typed);
    }

    public function testTheOnlyAnalystStaysOneAndStaysIn(): void
    {
        $only = $this->signIn(Role::Analyst);
        $this->browser->request('POST', '/people/'.$only->id.'/out', ['_token' => $this->token('/people/'.$only->id)]);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('is the only analyst', $this->said());
        $form = $this->browser->request('GET', '/people/'.$only->id)->selectButton('Keep it')->form();
        $this->browser->submit($form, ['person_in_shop[role]' => 'ROLE_DESK']);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertSame(Role::Analyst, $this->named('analyst')->role);
    }

    public function testWhoeverGoesIsShutOutAndTheNameStaysOnWhatWasDone(): void
    {
        $gone = $this->person(Role::Bench);
        $this->signIn(Role::Analyst);
        $this->browser->request('POST', '/people/'.$gone->id.'/out', ['_token' => $this->token('/people/'.$gone->id)]);
        self::assertFalse($this->named('bench')->mayEnter());
        $this->browser->request('GET', '/people');
        self::assertStringContainsString('shut out since', $this->said());
        $this->browser->request('POST', '/people/'.$gone->id.'/in', ['_token' => $this->token('/people/'.$gone->id)]);
        self::assertTrue($this->named('bench')->mayEnter());
    }

    public function testNobodyButAnAnalystSeesOrChangesPeople(): void
    {
        $analyst = $this->person(Role::Analyst);
        foreach ([Role::Viewer, Role::Desk, Role::Bench] as $role) {
            $this->signIn($role);
            foreach (['/people', '/people/'.$analyst->id, '/security'] as $page) {
                $this->browser->request('GET', $page);
                self::assertSame(403, $this->browser->getResponse()->getStatusCode(), $role->value.' '.$page);
            }
        }
    }

    public function testASessionThatIsEndedOpensNothingAnyMore(): void
    {
        $this->person(Role::Desk);
        $form = $this->browser->request('GET', '/login')->selectButton('Sign in')->form(['_username' => 'desk', '_password' => 'quay']);
        $this->browser->submit($form);
        $this->browser->request('GET', '/me');
        self::assertStringContainsString('this one', $this->said());
        $session = self::em()->getRepository(SignedIn::class)->findOneBy([]) ?? self::fail();
        $session->endedAt = new \DateTimeImmutable();
        self::em()->flush();
        $this->browser->request('GET', '/me');
        self::assertResponseRedirects('http://localhost/login');
    }

    public function testAnotherPersonsSessionIsNotOnesOwnToEnd(): void
    {
        $analyst = $this->person(Role::Analyst);
        $session = new SignedIn($analyst, hash('sha256', 'x'), '127.0.0.1', '');
        self::em()->persist($session);
        self::em()->flush();
        $this->signIn(Role::Desk);
        $this->browser->request('POST', '/sessions/'.$session->id.'/end', ['_token' => $this->token('/')]);
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
    }

    public function testAChangedPasswordGoesOnHere(): void
    {
        $this->signIn(Role::Desk);
        $change = fn (string $now): mixed => $this->browser->submit($this->browser->request('GET', '/me')->selectButton('Change it')->form([
            'now' => $now, 'password' => self::WORDS, 'again' => self::WORDS,
        ]));
        $change('wrong');
        self::assertSame('quay', $this->named('desk')->password);
        $change('quay');
        $this->browser->followRedirect();
        self::assertStringContainsString('Your password is changed', $this->said());
        self::assertSame(self::WORDS, $this->named('desk')->password);
    }

    public function testAnEmptyShopIsBegunByWhoHoldsTheKeyAndNeverTakesTheDemo(): void
    {
        $this->browser->request('GET', '/login');
        self::assertResponseRedirects('/begin');
        $this->browser->request('GET', '/begin?key=guessed');
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
        $begin = '/begin?key='.self::service(BeginShop::class)->key();
        $typed = [
            'form[shop][name]' => 'Brant Slip', 'form[analyst][name]' => 'Ida Marsk', 'form[analyst][username]' => 'ida',
            'form[analyst][password][first]' => 'short', 'form[analyst][password][second]' => 'short',
        ];
        $this->browser->submit($this->browser->request('GET', $begin)->selectButton('Begin')->form($typed));
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        $page = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('value="Brant Slip"', $page, 'what was typed stays');
        $typed['form[analyst][password][first]'] = $typed['form[analyst][password][second]'] = self::WORDS;
        $this->browser->submit($this->browser->request('GET', $begin)->selectButton('Begin')->form($typed));
        self::assertResponseRedirects('/');
        self::assertStringContainsString('Brant Slip', $this->browser->followRedirect()->filter('.topline .shop')->text());
        self::assertSame(ShopKind::Shop, self::service(OurShop::class)->settings()->kind);
        self::assertFalse(self::service(DemoShop::class)->isNeeded());
        $this->browser->request('GET', $begin);
        self::assertSame(410, $this->browser->getResponse()->getStatusCode(), 'a shop begins once');
    }
}
