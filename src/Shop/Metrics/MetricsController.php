<?php

declare(strict_types=1);

namespace App\Shop\Metrics;

use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Figures for whoever watches the machines, in the Prometheus text format 0.0.4; for this machine itself, or with the token. */
final class MetricsController extends AbstractController
{
    /** @param string $token that a watcher sends from elsewhere; empty: nobody does */
    public function __construct(#[Autowire('%env(default:app.no_address:JAPHREX_METRICS_TOKEN)%')] private readonly string $token)
    {
    }

    #[Route('/metrics', name: 'metrics', methods: ['GET'])]
    public function metrics(Request $request, Counters $counters, Gauges $gauges): Response
    {
        // A balancer on this machine passes on what comes from elsewhere, and says so.
        $isHere = IpUtils::checkIp($request->server->getString('REMOTE_ADDR'), ['127.0.0.0/8', '::1'])
            && !$request->headers->has('X-Forwarded-For');
        if (!$isHere && ('' === $this->token || !hash_equals('Bearer '.$this->token, (string) $request->headers->get('Authorization')))) {
            throw new ShopError('These figures are for whoever looks after the machines, with the token of JAPHREX_METRICS_TOKEN.', 403);
        }
        $lines = ['# TYPE japhrex_requests_total counter', '# TYPE japhrex_request_seconds histogram'];
        foreach ($counters->all() as $name => $value) {
            $lines[] = "japhrex_$name $value";
        }
        foreach ($gauges->all() as $name => $value) {
            array_push($lines, "# TYPE japhrex_$name gauge", "japhrex_$name $value");
        }

        return new Response(implode("\n", $lines)."\n", 200, ['Content-Type' => 'text/plain; version=0.0.4; charset=utf-8']);
    }
}
