<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Measuring\Gauge;
use App\Measuring\GaugeShot;
use Japhrex\Core\Family\Method;
use Japhrex\StandIns\Gauge\StandInGauge;
use Symfony\Component\Uid\UuidV7;

/** Readings that gauges send, and the stand-in that plays one. */
final class GaugeGatewayTest extends AppTestCase
{
    private const TOKEN = '0123456789abcdef0123456789abcdef01234567';

    private function gauge(): Gauge
    {
        $gauge = new Gauge(
            'Micrometer 25–50 no. 8',
            Method::Reading,
            '0.001 mm',
            '0.003 mm',
            bench: 'Bench 8',
        );
        $gauge->giveToken(self::TOKEN);
        self::em()->persist($gauge);
        self::em()->flush();

        return $gauge;
    }

    /** @return array{int, array<mixed>} */
    private function sent(string $body, string $token = self::TOKEN): array
    {
        $this->browser->request(
            'POST',
            '/gateway/readings',
            server: ['HTTP_AUTHORIZATION' => 'Bearer '.$token, 'CONTENT_TYPE' => 'application/json'],
            content: $body,
        );
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return [$this->browser->getResponse()->getStatusCode(), \is_array($answer) ? $answer : []];
    }

    public function testOnlyAKnownTokenMaySendAndOnlyWhatItsGaugeMeasures(): void
    {
        $gauge = $this->gauge();
        $gauge->tokenUntil = new \DateTimeImmutable('-1 day');
        self::em()->flush();
        self::assertSame(401, $this->sent('{"value":"25.978 mm"}')[0], 'its year is over');
        $gauge->giveToken(self::TOKEN);
        self::em()->flush();
        self::assertSame(401, $this->sent('{"value":"25.978 mm"}', str_repeat('0', 40))[0]);
        self::assertSame(401, $this->sent('{"value":"25.978 mm"}', '')[0]);
        foreach (
            ['', '[]', '{"value":25.978}', '{"value":"25.978"}', '{"value":"3 bar"}', '{"value":"'.str_repeat('2', 60).' mm"}'] as $bad
        ) {
            [$status, $said] = $this->sent($bad);
            self::assertSame([422, 'value'], [$status, $said['key'] ?? ''], $bad);
        }
        self::assertSame(
            [201, ['gauge' => 'Micrometer 25–50 no. 8', 'bench' => 'Bench 8']],
            $this->sent('{"value":"1.0228 in","battery":"low"}'),
        );
        $shots = self::em()->getRepository(GaugeShot::class)->findAll();
        self::assertSame([['1.0228 in', true]], array_map(static fn (GaugeShot $shot): array => [$shot->value, $shot->batteryLow], $shots));
    }

    public function testTheStreamOfABenchTellsItsReadingsOnly(): void
    {
        $gauge = $this->gauge();
        $this->signIn(Role::Bench);
        $before = '0190b000-0000-7000-8000-000000000000';
        $this->sent('{"value":"25.978 mm"}');
        $listen = function (string $bench, string $last = '') use ($before): string {
            $this->browser->request(
                'GET',
                '/gauges/stream?seconds=0&bench='.urlencode($bench),
                server: ['HTTP_LAST_EVENT_ID' => $last ?: $before],
            );
            self::assertResponseHeaderSame('Content-Type', 'text/event-stream; charset=UTF-8');

            return $this->browser->getInternalResponse()->getContent();
        };
        $said = $listen('Bench 8');
        self::assertMatchesRegularExpression(
            '/^id: (\S+)\nevent: reading\ndata: \{"value":"25\.978 mm","gauge":"'.$gauge->id
                .'","name":"Micrometer 25–50 no\. 8","batteryLow":false\}$/m',
            $said,
        );
        self::assertSame(1, preg_match('/^id: (\S+)\nevent/m', $said, $m));
        self::assertStringNotContainsString('event:', $listen('Bench 8', $m[1] ?? ''), 'nothing is told twice');
        self::assertStringNotContainsString('event:', $listen('Bench 1'));

        // A page that was drawn before the value came gets it, however late it listens; one left open for an hour does not.
        $drawn = function (string $when): string {
            $this->browser->request(
                'GET',
                '/gauges/stream?seconds=0&bench=Bench+8&since='.UuidV7::generate(new \DateTimeImmutable($when)),
            );

            return $this->browser->getInternalResponse()->getContent();
        };
        self::assertStringContainsString('25.978 mm', $drawn('-5 seconds'));
        self::assertStringNotContainsString('event:', $drawn('+1 second'));
        self::em()->getConnection()->executeStatement(
            'UPDATE gauge_shot SET id = ?',
            [UuidV7::generate(new \DateTimeImmutable('-1 minute'))],
        );
        self::assertStringNotContainsString('event:', $drawn('-1 hour'));
        $this->browser->request('GET', '/logout');
        $this->browser->restart();
        $this->browser->request('GET', '/gauges/stream?bench=Bench+8');
        self::assertResponseRedirects('/login');
    }

    public function testATokenIsShownOnceAndReplacesTheOldOne(): void
    {
        $gauge = $this->gauge();
        $this->signIn(Role::Bench);
        $this->browser->request('POST', '/gauges/'.$gauge->id.'/token', ['_token' => $this->token('/gauges')]);
        self::assertResponseIsSuccessful();
        self::assertSame(1, preg_match('/shown this once.*?([0-9a-f]{40})/', $this->said(), $m));
        self::assertSame(401, $this->sent('{"value":"25.978 mm"}')[0]);
        self::assertSame(201, $this->sent('{"value":"25.978 mm"}', $m[1] ?? '')[0]);
        $this->browser->request('GET', '/gauges');
        self::assertStringNotContainsString($m[1] ?? '?', $this->said());
        $stored = self::em()->find(Gauge::class, $gauge->id);
        self::assertNotNull($stored);
        $stored->bench = '';
        self::em()->flush();
        $this->browser->request('POST', '/gauges/'.$gauge->id.'/token', ['_token' => $this->token('/gauges')]);
        self::assertResponseStatusCodeSame(422);
    }

    public function testTheStandInShowsItsOffsetItsNoiseAndItsBattery(): void
    {
        $true = new StandInGauge();
        self::assertSame(['value' => '25.978 mm', 'battery' => 'good'], $true->read(25.978));
        self::assertSame('0.002 mm', (new StandInGauge(zero: 0.002))->read(0)['value'] ?? '');
        $noisy = new StandInGauge(step: 0.0001, noise: 0.001, seed: 7);
        $read = array_map(static fn (): float => (float) ($noisy->read(25.978)['value'] ?? ''), range(1, 400));
        $mean = array_sum($read) / 400;
        $scatter = sqrt(array_sum(array_map(static fn (float $x): float => ($x - $mean) ** 2, $read)) / 399);
        // Five standard deviations of a mean and of a scatter of 400.
        self::assertEqualsWithDelta(25.978, $mean, 5 * 0.001 / 20);
        self::assertEqualsWithDelta(0.001, $scatter, 5 * 0.001 / sqrt(798));
        $worn = new StandInGauge(charge: 0.25, drain: 0.06);
        self::assertSame(['value' => '25.98 mm', 'battery' => 'low'], $worn->read(25.978), 'its last digit is gone');
        $worn->read(25.978);
        $worn->read(25.978);
        self::assertNull($worn->read(25.978), 'dead');
    }
}
