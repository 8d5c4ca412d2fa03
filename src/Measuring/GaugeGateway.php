<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Device;
use App\Measuring\Repository\GaugeShotRepository;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/**
 * Readings that gauges send: in by POST from a gateway with its device token, out to the page of their bench as
 * server-sent events. How to speak to it: docs/gauges.md.
 */
final class GaugeGateway extends AbstractController
{
    /** Seconds after which a page asks anew, so that no worker is held for ever. */
    private const STREAM = 55;

    /** How long a page may take from being drawn to listening: what is sent in between is not lost. */
    private const DRAWING = '-10 seconds';

    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly Connection $database,
        private readonly GaugeShotRepository $shots,
    ) {
    }

    #[Route('/gateway/readings', name: 'gateway_reading', methods: ['POST'])]
    public function take(Request $request, #[CurrentUser] Device $device): Response
    {
        $gauge = $device->thing;
        \assert($gauge instanceof Gauge);
        $sent = json_decode($request->getContent(), true);
        $value = \is_array($sent) ? $sent['value'] ?? null : null;
        if (!\is_string($value) || mb_strlen($value) > 40) {
            return new JsonResponse(
                [
                    'error' => 'Expected a JSON object with "value", a text with its unit such as "25.978 mm", and at will '
                        .'"battery": "low".',
                    'key' => 'value',
                ],
                422,
            );
        }
        try {
            Quantity::parse($value, Quantity::dimensionsOf($gauge->resolution)[0]);
        } catch (QuantityError $error) {
            return new JsonResponse(['error' => $error->getMessage(), 'key' => 'value'], 422);
        }
        // What nobody took within an hour is of no use to anybody.
        $this->shots->forgetBefore(now('-1 hour'));
        $this->entityManager->persist(new GaugeShot($gauge, trim($value), 'low' === ($sent['battery'] ?? null)));
        $this->entityManager->flush();

        return new JsonResponse(['gauge' => $gauge->name, 'bench' => $gauge->bench], 201);
    }

    #[Route('/gauges/stream', name: 'gauge_stream', methods: ['GET'])]
    public function listen(Request $request): Response
    {
        $bench = (string) $request->query->get('bench', '');
        // What came while the page was asking anew, or since it was drawn; a page that was left open asks for nothing old.
        $last = (string) $request->headers->get('Last-Event-ID', '');
        $drawn = (string) $request->query->get('since', '');
        $last = Uuid::isValid($last) ? $last : max(Uuid::isValid($drawn) ? $drawn : '', UuidV7::generate(now(self::DRAWING)));
        $request->getSession()->save();
        $seconds = min(self::STREAM, max(0, $request->query->getInt('seconds', self::STREAM)));

        return new StreamedResponse(function () use ($bench, $last, $seconds): void {
            $this->send($bench, $last, $seconds);
        }, 200, ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no']);
    }

    private function send(string $bench, string $last, int $seconds): void
    {
        $pdo = $this->database->getNativeConnection();
        \assert($pdo instanceof \PDO);
        $pdo->exec('LISTEN gauge_shot');
        $until = microtime(true) + $seconds;
        // The place from which a page that never got a reading asks anew.
        echo "retry: 300\nid: $last\n\n";
        while (true) {
            foreach ($this->shots->sentTo($bench, $last) as $shot) {
                $last = $shot->id;
                echo 'id: '.$last."\nevent: reading\ndata: ".json_encode(
                    [
                        'value' => $shot->value,
                        'gauge' => $shot->gauge,
                        'name' => $shot->name,
                        'batteryLow' => $shot->isBatteryLow,
                    ],
                    \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
                )."\n\n";
            }
            echo ": here\n\n";
            while (ob_get_level() > 0 && \PHP_SAPI !== 'cli') {
                ob_end_flush();
            }
            flush();
            if (connection_aborted() || microtime(true) >= $until) {
                break;
            }
            $pdo->pgsqlGetNotify(\PDO::FETCH_ASSOC, (int) min(5000, 1000 * ($until - microtime(true)) + 1));
        }
        $pdo->exec('UNLISTEN gauge_shot');
    }
}
