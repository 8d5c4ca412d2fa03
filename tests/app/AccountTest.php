<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\AuditEntry;
use App\Account\Role;
use App\Account\TrailNames;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Platform\ErrorPages;
use App\Platform\WayBack;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Form;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

final class AccountTest extends AppTestCase
{
    public function testNobodyEntersWithoutSigningIn(): void
    {
        foreach (['/', '/cases/OQ-26-0001', '/cases/OQ-26-0001/report'] as $page) {
            $this->browser->request('GET', $page);
            self::assertResponseRedirects('http://localhost/login');
        }
    }

    private function tryPassword(string $password): string
    {
        $form = $this->browser->request('GET', '/login')->selectButton('Sign in')->form(['_username' => 'desk', '_password' => $password]);
        $this->browser->submit($form);
        $this->browser->followRedirect();

        return $this->said();
    }

    public function testAPersonTellsWhatHeIsCertifiedFor(): void
    {
        $this->signIn(Role::Bench);
        $form = fn (): Form => $this->browser->request('GET', '/me')->selectButton('Keep them')->form();
        $this->browser->submit($form(), ['person[certificates]' => str_repeat('x', 501)]);
        self::assertResponseStatusCodeSame(422);
        $page = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString(str_repeat('x', 501), $page, 'it keeps what was typed');
        self::em()->clear();
        $this->browser->submit($form(), ['person[certificates]' => 'Lifting gear, until 2027']);
        self::assertResponseRedirects('/me');
        self::em()->clear();
        self::assertSame('Lifting gear, until 2027', $this->person(Role::Bench)->certificates);
    }

    public function testARightPasswordOpensTheFloor(): void
    {
        $this->person(Role::Desk);
        self::assertStringContainsString('On the floor', $this->tryPassword('quay'));
    }

    public function testWhoDidSomethingKeepsTheNameOfThenAndIsThePersonOfToday(): void
    {
        $finding = new Finding($this->aCase(), 'body');
        $finding->lookedClean(null);
        $who = $this->person(Role::Bench);
        self::service(RecordFinding::class)($finding, $who);
        $who->name = 'married since';
        self::em()->flush();
        self::em()->clear();
        $kept = self::em()->find(Finding::class, $finding->id) ?? self::fail();
        self::assertSame(['test bench', 'married since'], [$kept->byWhom, $kept->person()?->name]);
    }

    public function testAFaultOfTheProgramIsSaidInOurWordsAndKeepsItsOwn(): void
    {
        $request = Request::create('/');
        self::service(RequestStack::class)->push($request);
        $fault = new \LogicException('a word from the inside');
        $event = new ExceptionEvent(self::$kernel ?? self::fail(), $request, HttpKernelInterface::MAIN_REQUEST, $fault);
        self::service(ErrorPages::class)->failed($event);
        $said = (string) $event->getResponse()?->getContent();
        self::assertSame(500, $event->getResponse()?->getStatusCode());
        self::assertStringContainsString('What was saved before is safe', $said);
        self::assertStringNotContainsString('from the inside', $said);
    }

    public function testTheSessionCookieIsOutOfReachOfScripts(): void
    {
        $options = self::getContainer()->getParameter('session.storage.options');
        self::assertIsArray($options);
        self::assertTrue($options['cookie_httponly']);
        self::assertSame('lax', $options['cookie_samesite']);
        self::assertSame('auto', $options['cookie_secure']);
    }

    public function testPagesMayOnlyRunWhatWeShip(): void
    {
        $this->browser->request('GET', '/login');
        $headers = $this->browser->getResponse()->headers;
        self::assertStringContainsString("script-src 'self';", (string) $headers->get('Content-Security-Policy'));
        self::assertStringNotContainsString('unsafe', (string) $headers->get('Content-Security-Policy'));
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        self::assertSame('DENY', $headers->get('X-Frame-Options'));
    }

    /** @return iterable<string, array{Role, list<string>}> what a role is refused */
    public static function refusals(): iterable
    {
        $intake = ['intake/unit', 'intake/arrival', 'intake/complaints', 'intake/statements'];
        $bench = ['strip/outside', 'parts/body', 'parts/body/findings'];
        $analysis = ['chain/nodes', 'chain/links', 'verdict'];
        yield 'desk' => [Role::Desk, [...$bench, ...$analysis]];
        yield 'bench' => [Role::Bench, [...$intake, ...$analysis]];
        yield 'viewer' => [Role::Viewer, [...$intake, ...$bench, ...$analysis]];
    }

    /** @param list<string> $paths */
    #[DataProvider('refusals')]
    public function testWhatARoleMayNotDoIsRefusedOnTheServer(Role $role, array $paths): void
    {
        $case = $this->aCase();
        $this->signIn($role);
        foreach ($paths as $path) {
            $this->browser->request('POST', '/cases/'.$case->number.'/'.$path);
            self::assertSame(403, $this->browser->getResponse()->getStatusCode(), $path);
        }
        self::assertStringContainsString('Your role may look at this but not change it', $this->said());
    }

    public function testSmallFormsRefuseToActForSomebodyElsesPage(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        foreach (
            [
                'parts/body/clean',
                'readings/body/gear-bore',
                'photos',
                'verdict/sign',
                'verdict/second',
                'verdict/reopen',
                'report',
                'hold',
            ] as $path
        ) {
            $this->browser->request('POST', '/cases/'.$case->number.'/'.$path, ['_token' => 'forged']);
            self::assertSame(403, $this->browser->getResponse()->getStatusCode(), $path);
        }
    }

    public function testTheDeskPhotographsArrivalsOnlyAndTheViewerNothing(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        self::assertSame(403, $this->act($case, 'photos', ['stage' => 'as-found']));
        self::assertStringContainsString('parts are photographed at the bench', $this->said());
    }

    public function testEveryChangeIsKeptWithBeforeAndAfter(): void
    {
        $case = $this->aCase('A-100');
        $this->signIn(Role::Analyst);
        $this->send('/cases/'.$case->number.'/intake', '/intake/unit', ['unit[serial]' => 'A-200']);
        $this->act($case, 'parts/body/clean', [], 'parts/body');
        $entry = self::em()->getRepository(AuditEntry::class)->findOneBy(
            ['caseId' => $case->id, 'field' => 'serial', 'action' => 'changed']
        );
        self::assertNotNull($entry);
        self::assertSame(
            ['A-100', 'A-200', 'test analyst'],
            [$entry->before, $entry->after, self::service(TrailNames::class)->shown($entry->who)],
        );
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $entry->who, 'names stand apart');
        $finding = self::em()->getRepository(Finding::class)->findOneBy(['case' => $case]);
        self::assertNotNull($finding);
        $this->act($case, 'findings/'.$finding->id.'/remove', [], 'parts/body');
        self::assertSame(
            'clean',
            self::em()->getRepository(AuditEntry::class)->findOneBy(['action' => 'removed', 'field' => 'kind'])?->before,
        );
        $this->browser->request('GET', '/cases/'.$case->number.'/history');
        self::assertStringContainsString('A-200', $this->said());
    }

    public function testTheAuditTrailItselfCannotBeChanged(): void
    {
        $this->aCase('A-100');
        $this->expectExceptionMessage('permission denied for table audit_entry');
        self::em()->getConnection()->executeStatement("UPDATE audit_entry SET who = 'nobody'");
    }

    public function testThePersonChoosesTheUnitsToReadIn(): void
    {
        $this->signIn(Role::Viewer);
        $this->browser->request('POST', '/units', ['_token' => $this->token('/'), 'back' => '//elsewhere.invalid']);
        self::assertResponseRedirects('/');
        $this->browser->followRedirect();
        self::assertStringContainsString('inch · psi', $this->said());
    }

    /** @return iterable<string, array{string, string}> what a form names as its way back, and where it leads */
    public static function waysBack(): iterable
    {
        yield 'a page of ours' => ['/cases?q=pump#top', '/cases?q=pump#top'];
        yield 'another host' => ['//elsewhere.invalid', '/'];
        yield 'the same, with a tab that browsers leave out' => ["/\t/elsewhere.invalid", '/'];
        yield 'with a backslash' => ['/\\elsewhere.invalid', '/'];
        yield 'with a line end' => ["/cases\r\nSet-Cookie: x", '/'];
        yield 'another scheme' => ['javascript:alert(1)', '/'];
    }

    #[DataProvider('waysBack')]
    public function testTheWayBackNeverLeadsElsewhere(string $back, string $leads): void
    {
        $request = Request::create('/units', 'POST', ['back' => $back]);
        self::assertSame($leads, WayBack::of($request)->getTargetUrl());
    }

    public function testWhoOnlyLooksStoresNothingInPieces(): void
    {
        $this->signIn(Role::Viewer);
        $this->browser->request('PUT', '/uploads/00000000-0000-4000-8000-000000000009?offset=0', content: 'xxxx');
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
    }
}
