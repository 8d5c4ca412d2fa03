<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Platform\RequestNumber;
use App\Platform\Traces;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\Process\Process;

/** What is sent to a collector, if one is named; a stand-in takes it down. */
final class TracesTest extends AppTestCase
{
    private const CALLER = '4bf92f3577b34da6a3ce929d0e0e4736';

    private function asked(string $collector, int $status): void
    {
        $traces = new Traces(self::service(RequestNumber::class), $collector);
        $caller = ['HTTP_TRACEPARENT' => '00-'.self::CALLER.'-00f067aa0ba902b7-01'];
        $request = Request::create('/cases/OQ-26-0101/phone/secret', server: $caller);
        $request->attributes->set('_route', 'phone_page');
        $kernel = self::service(HttpKernelInterface::class);
        $traces->begins(new RequestEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST));
        if (500 === $status) {
            $failed = new \RuntimeException('the pump is gone');
            $traces->failed(new ExceptionEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST, $failed));
        }
        $traces->ends(new TerminateEvent($kernel, $request, new Response(status: $status)));
    }

    public function testASpanNamesItsRouteGoesOnFromItsCallerAndHoldsNoAddress(): void
    {
        $port = random_int(20000, 30000);
        $spans = (string) tempnam(sys_get_temp_dir(), 'spans');
        $script = __DIR__.'/../../stand-ins/collector/server.php';
        $collector = new Process(['php', '-S', "127.0.0.1:$port", $script], env: ['SPANS' => $spans]);
        $collector->start();
        for ($i = 0; $i < 100 && false === @fsockopen('127.0.0.1', $port); ++$i) {
            usleep(50_000);
        }
        $this->asked("http://127.0.0.1:$port/v1/traces", 200);
        $this->asked("http://127.0.0.1:$port/v1/traces", 500);
        $collector->stop();
        [$well, $ill] = explode("\n", (string) file_get_contents($spans));
        $said = json_decode($well, true);
        self::assertIsArray($said);
        $span = $said['resourceSpans'][0]['scopeSpans'][0]['spans'][0];
        self::assertSame('GET phone_page', $span['name']);
        self::assertSame(self::CALLER, $span['traceId']);
        self::assertStringNotContainsString('secret', $well.$ill);
        self::assertStringContainsString('the pump is gone', $ill);
    }

    public function testACollectorThatIsAwayDelaysNobodyAndNoneIsAskedWhereNoneIsNamed(): void
    {
        $began = hrtime(true);
        $this->asked('http://127.0.0.1:9/v1/traces', 200);
        self::assertLessThan(3e9, hrtime(true) - $began);
        $this->asked('', 200);
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/figures');
        self::assertResponseIsSuccessful();
    }
}
