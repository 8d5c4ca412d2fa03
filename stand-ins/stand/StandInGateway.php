<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Stand;

/** Plays the gateway of a stand: sends its rows once a second over the port of the gauge gateway. */
final readonly class StandInGateway
{
    /** Seconds for which it waits until somebody records. */
    private const PATIENCE = 60;

    /** @param float $pace seconds of the stand in a second of the clock */
    public function __construct(private string $to, private string $token, private float $pace = 1.0)
    {
    }

    /**
     * @param iterable<int, string> $lines of a CSV, the head first
     *
     * @return \Generator<int, string> what Japhrex says to each lot
     *
     * @throws \DomainException if a lot is refused
     */
    public function send(iterable $lines): \Generator
    {
        $head = '';
        $lot = [];
        $rows = max(1, (int) round(10 * $this->pace));
        foreach ($lines as $line) {
            if ('' === $head) {
                $head = $line;
                continue;
            }
            $lot[] = $line;
            if (\count($lot) >= $rows) {
                yield $this->post($head.implode('', $lot));
                $lot = [];
                usleep(1_000_000);
            }
        }
        if ([] !== $lot) {
            yield $this->post($head.implode('', $lot));
        }
    }

    private function post(string $csv): string
    {
        for ($tried = 0; ; ++$tried) {
            $answer = @file_get_contents(rtrim($this->to, '/').'/gateway/rows', false, stream_context_create(['http' => [
                'method' => 'POST',
                'header' => "Content-Type: text/csv\r\nAuthorization: Bearer {$this->token}\r\n",
                'content' => $csv,
                'ignore_errors' => true,
                'timeout' => 10,
            ]]));
            $status = $http_response_header[0] ?? 'no answer';
            if (false !== $answer && str_contains($status, ' 201')) {
                return $answer;
            }
            // Nobody records yet, or the line is down: the same rows once more.
            if ($tried >= self::PATIENCE || (false !== $answer && !str_contains($status, ' 409') && !str_contains($status, ' 5'))) {
                throw new \DomainException(\sprintf('%s says: %s %s', $this->to, $status, (string) $answer));
            }
            usleep(1_000_000);
        }
    }
}
