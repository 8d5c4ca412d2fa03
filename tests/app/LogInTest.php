<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Code\SecondFactors;
use App\Account\Code\TimeCode;
use App\Account\LogIn\EqualTime;
use App\Account\LogIn\KnownBrowsers;
use App\Account\LogIn\PasswordGuesses;
use App\Account\LogIn\SecondStep;
use App\Account\OurShop;
use App\Account\Repository\SecurityEventRepository;
use App\Account\Role;
use App\Account\User;
use App\Account\WhoSigns;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\EventListener\CheckCredentialsListener;
use Symfony\Component\Security\Http\EventListener\CsrfProtectionListener;
use Symfony\Component\Security\Http\EventListener\UserCheckerListener;

/** Who gets in, who does not, and that a stranger can neither guess nor lock anybody out. */
final class LogInTest extends AppTestCase
{
    private const KEY = '12345678901234567890';

    protected function tearDown(): void
    {
        Clock::set(new \Symfony\Component\Clock\NativeClock());
        parent::tearDown();
    }

    private function tryPassword(string $password, string $name = 'desk'): string
    {
        $form = $this->browser->request('GET', '/login')->selectButton('Sign in')->form(['_username' => $name, '_password' => $password]);
        $this->browser->submit($form);
        $this->browser->followRedirect();

        return $this->said();
    }

    private function from(string $address): void
    {
        $this->browser->setServerParameter('REMOTE_ADDR', $address);
    }

    private function signOut(): void
    {
        $token = $this->browser->request('GET', '/')->filter('form[action$="/logout"] input[name=_csrf_token]')->attr('value');
        $this->browser->request('POST', '/logout', ['_csrf_token' => $token]);
    }

    /** @return list<string> kinds of what was written down, the newest first */
    private function written(): array
    {
        return array_map(
            static fn ($line): string => $line->event->value ?? '',
            self::service(SecurityEventRepository::class)->page(null, '', \PHP_INT_MAX, 20),
        );
    }

    public function testAStrangerGuessesFiveTimesAndTheNextIsNotJudged(): void
    {
        $this->person(Role::Desk);
        $this->from('203.0.113.5');
        for ($i = 0; $i < PasswordGuesses::OF_NAME_HERE; ++$i) {
            self::assertStringContainsString('do not go together', $this->tryPassword('wrong'));
        }
        self::assertStringContainsString('Wait 5 min', $this->tryPassword('quay'), 'not even the right one');
        self::assertSame(['closed', 'refused'], \array_slice($this->written(), 0, 2));
        $this->from('203.0.113.6');
        self::assertStringContainsString('On the floor', $this->tryPassword('quay'), 'from elsewhere the name is open');
    }

    public function testManyStrangersCloseTheNameForStrangersAndNotForWhomItBelongsTo(): void
    {
        $this->person(Role::Desk);
        $this->tryPassword('quay');
        $this->signOut();
        $known = $this->browser->getCookieJar()->get(KnownBrowsers::COOKIE) ?? self::fail('the browser is known from now on');
        $this->browser->getCookieJar()->clear();
        for ($i = 0; $i < PasswordGuesses::OF_NAME; ++$i) {
            $this->from('198.51.100.'.(1 + intdiv($i, 4)));
            $this->tryPassword('wrong');
        }
        $this->from('198.51.100.99');
        self::assertStringContainsString('Too many wrong', $this->tryPassword('quay'));
        $this->browser->getCookieJar()->set($known);
        self::assertStringContainsString('On the floor', $this->tryPassword('quay'));
    }

    public function testAPageThatWasOpenTooLongIsNoWrongPassword(): void
    {
        $this->person(Role::Desk);
        for ($i = 0; $i < 2 * PasswordGuesses::OF_NAME_HERE; ++$i) {
            $this->browser->request('POST', '/login', ['_username' => 'desk', '_password' => 'quay', '_csrf_token' => 'stale']);
        }
        $this->browser->followRedirect();
        self::assertStringContainsString('This page was open too long', $this->said());
        self::assertStringContainsString('On the floor', $this->tryPassword('quay'));
    }

    public function testANameThatIsNotThereIsHashedBeforeAnybodyFindsThatOut(): void
    {
        $dispatcher = self::getContainer()->get('security.event_dispatcher.main');
        self::assertInstanceOf(EventDispatcherInterface::class, $dispatcher);
        $order = [];
        foreach ($dispatcher->getListeners(CheckPassportEvent::class) as $listener) {
            $order[] = \is_array($listener) && \is_object($listener[0]) ? $listener[0]::class : '';
        }
        $looked = array_values(array_intersect($order, [
            CsrfProtectionListener::class, PasswordGuesses::class, EqualTime::class, UserCheckerListener::class,
            CheckCredentialsListener::class, SecondStep::class,
        ]));
        self::assertSame([
            CsrfProtectionListener::class, PasswordGuesses::class, EqualTime::class, UserCheckerListener::class,
            CheckCredentialsListener::class, SecondStep::class,
        ], $looked);
    }

    public function testTimeOpensTheNameAgain(): void
    {
        $this->person(Role::Desk);
        Clock::set($clock = new MockClock('now', 'UTC'));
        for ($i = 0; $i <= PasswordGuesses::OF_NAME_HERE; ++$i) {
            $this->tryPassword('wrong');
        }
        $clock->modify('+4 minutes');
        self::assertStringContainsString('Wait 1 min', $this->tryPassword('quay'));
        $clock->modify('+2 minutes');
        self::assertStringContainsString('On the floor', $this->tryPassword('quay'));
    }

    public function testWhoWasShutOutIsAnsweredAsAWrongPasswordAndIsOutAtOnce(): void
    {
        $person = $this->person(Role::Desk);
        self::assertStringContainsString('On the floor', $this->tryPassword('quay'));
        $person = self::em()->find(User::class, $person->id) ?? self::fail();
        $person->disabledAt = new \DateTimeImmutable();
        self::em()->flush();
        $this->browser->request('GET', '/cases');
        self::assertResponseRedirects('http://localhost/login');
        self::assertStringContainsString('do not go together', $this->tryPassword('quay'));
    }

    public function testWithASecondFactorThePasswordAloneOpensNothing(): void
    {
        $person = $this->person(Role::Desk);
        Clock::set(new MockClock('2026-12-01 10:00:00', 'UTC'));
        $step = TimeCode::step(Clock::get()->now()->getTimestamp());
        self::assertTrue(self::service(SecondFactors::class)->begin($person, self::KEY, TimeCode::of(self::KEY, $step - 1)));
        self::assertStringContainsString('Your code', $this->tryPassword('quay'));
        $this->browser->request('GET', '/cases');
        self::assertResponseRedirects('http://localhost/login', message: 'nothing opens yet');
        self::assertSame(422, $this->send('/login/code', '/login/code', ['code' => TimeCode::of(self::KEY, $step - 1)]), 'used already');
        self::assertSame(303, $this->send('/login/code', '/login/code', ['code' => TimeCode::of(self::KEY, $step)]));
        $this->browser->request('GET', '/');
        self::assertStringContainsString('On the floor', $this->said());
        self::assertSame(['signed-in', 'refused'], \array_slice($this->written(), 0, 2));
    }

    public function testCodesAreGuessedFiveTimesToo(): void
    {
        $person = $this->person(Role::Desk);
        $now = TimeCode::step(time());
        self::service(SecondFactors::class)->begin($person, self::KEY, TimeCode::of(self::KEY, $now));
        $this->tryPassword('quay');
        for ($i = 0; $i < 5; ++$i) {
            $this->send('/login/code', '/login/code', ['code' => '000000']);
        }
        $this->send('/login/code', '/login/code', ['code' => TimeCode::of(self::KEY, $now + 1)]);
        self::assertStringContainsString('Too many wrong passwords or codes', $this->said());
    }

    public function testWhereTheShopWantsItACodeBelongsToASignature(): void
    {
        $person = $this->signIn(Role::Analyst);
        $this->browser->request('GET', '/');
        $signs = static fn (string $password, string $code = ''): ?string => self::service(WhoSigns::class)->refusal(
            Request::create('/', 'POST', ['password' => $password, 'code' => $code]),
        );
        self::assertSame(WhoSigns::REFUSED, $signs('wrong'));
        self::assertNull($signs('quay'));
        self::service(OurShop::class)->settings()->codeToSign = true;
        self::assertSame(WhoSigns::NO_FACTOR, $signs('quay'));
        $step = TimeCode::step(time());
        self::service(SecondFactors::class)->begin($person, self::KEY, TimeCode::of(self::KEY, $step - 1));
        self::assertSame(WhoSigns::WRONG_CODE, $signs('quay', TimeCode::of(self::KEY, $step - 1)), 'taken already');
        self::assertNull($signs('quay', TimeCode::of(self::KEY, $step)));
    }

    public function testWhatIsTakenOutAndWhatIsNotAllowedIsWrittenDownForGood(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Viewer);
        $this->browser->request('POST', '/cases/'.$case->number.'/verdict');
        $this->browser->request('GET', '/cases.csv');
        self::assertSame(['taken-out', 'forbidden'], \array_slice($this->written(), 0, 2));
        $this->expectExceptionMessage('permission denied');
        self::em()->getConnection()->executeStatement('DELETE FROM security_event');
    }
}
