<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\EarlierWork;
use App\Intake\Form\EarlierWorkType;
use App\Platform\Form\BlankForms;
use App\Platform\KeptHtml;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Session\Session;
use Symfony\Component\HttpFoundation\Session\Storage\MockArraySessionStorage;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Twig\Environment;

/** Forms to add something are written once for all cases and all people; what is each one's own is put in as they are shown. */
final class BlankFormsTest extends AppTestCase
{
    private int $built = 0;

    public function testAFormIsWrittenOnceAndAnewWhenWhatItHangsOnIsAnother(): void
    {
        $blank = $this->blankForms(changes: false);
        $this->atAnotherDesk();
        [$mine, $again, $theirs] = [$this->fields($blank, []), $this->fields($blank, []), $this->fields($blank, ['another book'])];
        self::assertSame(2, $this->built, 'the second time it lay there');
        self::assertSame(self::withoutToken($mine), self::withoutToken($again));
        self::assertSame(self::withoutToken($mine), self::withoutToken($theirs));
    }

    public function testAProgramThatIsBeingWorkedOnKeepsNothing(): void
    {
        $blank = $this->blankForms(changes: true);
        $this->atAnotherDesk();
        $this->fields($blank, []);
        $this->fields($blank, []);
        self::assertSame(2, $this->built);
    }

    public function testEveryVisitorHasATokenOfTheirOwnThatTheFormTakes(): void
    {
        $blank = $this->blankForms(changes: false);
        foreach (['mine', 'theirs'] as $whose) {
            $request = $this->atAnotherDesk();
            $token = (new Crawler((string) $this->fields($blank, [])))->filter('input[name="work[_token]"]')->attr('value');
            $request->request->set('work', ['what' => 'cooler flushed', 'was' => 'done', '_token' => $token]);
            self::assertSame('', (string) $this->form()->handleRequest($request)->getErrors(true), $whose);
            $tokens[] = [$request, $token];
        }
        [[$request], [, $foreign]] = $tokens;
        self::service(RequestStack::class)->push($request);
        $request->request->set('work', ['what' => 'cooler flushed', 'was' => 'done', '_token' => $foreign]);
        self::assertFalse($this->form()->handleRequest($request)->isValid(), 'that of another session opens nothing');
    }

    public function testWhatDidNotHoldIsShownAsItWasTypedAndIsNotKept(): void
    {
        $this->signIn(Role::Desk);
        $page = '/cases/'.$this->aCase()->number.'/intake';
        self::assertSame(422, $this->send($page, '/intake/running', ['running[amount]' => 'two summers', 'running[source]' => 'driver']));
        $typed = fn (): ?string => $this->browser->getCrawler()->filter('#running_amount')->attr('value');
        self::assertSame('two summers', $typed());
        self::assertSame('Since when does it count?', $this->browser->getCrawler()->filter('#running .wrong-words')->first()->text());
        $this->browser->request('GET', $page);
        self::assertNull($typed());
        self::assertSame(0, $this->browser->getCrawler()->filter('#running .wrong-words')->count());
    }

    private function blankForms(bool $changes): BlankForms
    {
        return new BlankForms(
            new KeptHtml(new ArrayAdapter(), __DIR__, $changes),
            self::service(Environment::class),
            self::service(CsrfTokenManagerInterface::class),
        );
    }

    /** @param list<mixed> $of */
    private function fields(BlankForms $blank, array $of): string
    {
        return (string) $blank->fields(null, $this->form(...), ['work', ...$of]);
    }

    /** @return FormInterface<mixed> */
    private function form(): FormInterface
    {
        ++$this->built;

        return self::service(FormFactoryInterface::class)->createNamed('work', EarlierWorkType::class, new EarlierWork($this->aCase()));
    }

    private function atAnotherDesk(): Request
    {
        $request = Request::create('/', 'POST');
        $request->setSession(new Session(new MockArraySessionStorage()));
        self::service(RequestStack::class)->push($request);

        return $request;
    }

    private static function withoutToken(string $html): string
    {
        return (string) preg_replace('/(name="work\[_token\]"[^>]*value=)"[^"]+"/', '$1', $html, -1, $tokens).$tokens;
    }
}
