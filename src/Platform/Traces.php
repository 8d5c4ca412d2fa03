<?php

declare(strict_types=1);

namespace App\Platform;

use OpenTelemetry\API\Trace\Propagation\TraceContextPropagator;
use OpenTelemetry\API\Trace\SpanInterface;
use OpenTelemetry\API\Trace\SpanKind;
use OpenTelemetry\API\Trace\StatusCode;
use OpenTelemetry\Context\ContextInterface;
use OpenTelemetry\Contrib\Otlp\OtlpHttpTransportFactory;
use OpenTelemetry\Contrib\Otlp\SpanExporter;
use OpenTelemetry\SDK\Common\Attribute\Attributes;
use OpenTelemetry\SDK\Resource\ResourceInfo;
use OpenTelemetry\SDK\Resource\ResourceInfoFactory;
use OpenTelemetry\SDK\Trace\SpanProcessor\SimpleSpanProcessor;
use OpenTelemetry\SDK\Trace\TracerProvider;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;
use Symfony\Component\Messenger\Event\WorkerMessageHandledEvent;
use Symfony\Component\Messenger\Event\WorkerMessageReceivedEvent;

/**
 * Where time goes, over all nodes: a span for each request and each piece of work, by OTLP to a collector, if `JAPHREX_TRACES` names one
 * (`http://collector:4318/v1/traces`). It is sent after the answer; a collector that is away delays nobody for more than a second.
 */
final class Traces
{
    /** Seconds that a collector may take. */
    private const PATIENCE = 1.0;

    private ?TracerProvider $provider = null;

    private ?SpanInterface $span = null;

    public function __construct(
        private readonly RequestNumber $number,
        #[Autowire('%env(default:app.no_address:JAPHREX_TRACES)%')] private readonly string $collector,
    ) {
    }

    #[AsEventListener(priority: 4000)]
    public function begins(RequestEvent $event): void
    {
        if ('' !== $this->collector && $event->isMainRequest()) {
            $request = $event->getRequest();
            $caller = TraceContextPropagator::getInstance()->extract(['traceparent' => (string) $request->headers->get('traceparent')]);
            $this->span = $this->begin($request->getMethod(), SpanKind::KIND_SERVER, $caller);
            $this->span->setAttribute('http.request.method', $request->getMethod());
            $this->span->setAttribute('japhrex.request', $this->number->number());
        }
    }

    #[AsEventListener(priority: 100)]
    public function failed(ExceptionEvent $event): void
    {
        $this->span?->recordException($event->getThrowable());
    }

    #[AsEventListener]
    public function ends(TerminateEvent $event): void
    {
        if (null !== $this->span) {
            // What was asked for is told by its route: addresses hold numbers of cases, and passes.
            $route = $event->getRequest()->attributes->getString('_route', 'none');
            $status = $event->getResponse()->getStatusCode();
            $this->span->updateName($event->getRequest()->getMethod().' '.$route);
            $this->span->setAttribute('http.route', $route)->setAttribute('http.response.status_code', $status);
            $this->end($status < 500);
        }
    }

    #[AsEventListener]
    public function takesUp(WorkerMessageReceivedEvent $event): void
    {
        if ('' !== $this->collector) {
            $message = new \ReflectionClass($event->getEnvelope()->getMessage());
            $this->span = $this->begin($message->getShortName(), SpanKind::KIND_CONSUMER);
        }
    }

    #[AsEventListener]
    public function isDone(WorkerMessageHandledEvent $event): void
    {
        $this->end(true);
    }

    #[AsEventListener]
    public function cannot(WorkerMessageFailedEvent $event): void
    {
        $this->span?->recordException($event->getThrowable());
        $this->end(false);
    }

    /** @param SpanKind::KIND_* $kind */
    private function begin(string $name, int $kind, ?ContextInterface $within = null): SpanInterface
    {
        \assert('' !== $name);

        return $this->provider()->getTracer('japhrex')->spanBuilder($name)->setSpanKind($kind)->setParent($within ?? false)->startSpan();
    }

    private function end(bool $isWell): void
    {
        if (!$isWell) {
            $this->span?->setStatus(StatusCode::STATUS_ERROR);
        }
        $this->span?->end();
        $this->span = null;
    }

    private function provider(): TracerProvider
    {
        return $this->provider ??= new TracerProvider(
            new SimpleSpanProcessor(new SpanExporter((new OtlpHttpTransportFactory())->create(
                $this->collector, 'application/json', timeout: self::PATIENCE, maxRetries: 0,
            ))),
            resource: ResourceInfoFactory::emptyResource()->merge(ResourceInfo::create(Attributes::create([
                'service.name' => 'japhrex', 'service.instance.id' => (string) gethostname(),
            ]))),
        );
    }
}
