<?php

declare(strict_types=1);

namespace App\Shop\Metrics;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/** Counts requests of this node and how long they took, by route, in the memory that its processes share (APCu). */
final class Counters
{
    /** Upper ends, seconds. */
    private const BUCKETS = ['0.025', '0.05', '0.1', '0.25', '0.5', '1', '2.5', '5', '10', '+Inf'];
    private const KEY = 'japhrex|';

    #[AsEventListener]
    public function count(TerminateEvent $event): void
    {
        if (!\function_exists('apcu_enabled') || !apcu_enabled()) {
            return;
        }
        $seconds = microtime(true) - self::began($event->getRequest());
        $route = $event->getRequest()->attributes->getString('_route', 'none');
        $status = intdiv($event->getResponse()->getStatusCode(), 100).'xx';
        apcu_inc(self::KEY."requests_total{route=\"$route\",status=\"$status\"}");
        foreach (self::BUCKETS as $end) {
            if ('+Inf' === $end || $seconds <= (float) $end) {
                apcu_inc(self::KEY."request_seconds_bucket{route=\"$route\",le=\"$end\"}");
            }
        }
        apcu_inc(self::KEY."request_seconds_count{route=\"$route\"}");
        apcu_inc(self::KEY."microseconds|$route", (int) round(1e6 * $seconds));
    }

    /** @return array<string, int|float> by name and labels */
    public function all(): array
    {
        $all = [];
        if (!\function_exists('apcu_enabled') || !apcu_enabled()) {
            return $all;
        }
        foreach (new \APCUIterator('/^'.preg_quote(self::KEY, '/').'/') as $entry) {
            [$name, $value] = \is_array($entry) ? [substr((string) $entry['key'], \strlen(self::KEY)), (int) $entry['value']] : ['', 0];
            if (str_starts_with($name, 'microseconds|')) {
                $all['request_seconds_sum{route="'.substr($name, \strlen('microseconds|')).'"}'] = $value / 1e6;
            } else {
                $all[$name] = $value;
            }
        }
        ksort($all);

        return $all;
    }

    private static function began(Request $request): float
    {
        $began = $request->server->get('REQUEST_TIME_FLOAT');

        return is_numeric($began) ? (float) $began : microtime(true);
    }
}
