<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** What is drawn of a run, and what the clearances let expect beside it. SI throughout; times in seconds since the first row. */
final readonly class Trace
{
    /**
     * @param array<string, string> $units channel => unit as the stand writes it
     * @param list<DrawnPoint> $drawn
     * @param list<float|null> $expected flow at each point; empty: it cannot be told
     * @param float $flowU expanded uncertainty of the stand's flow, m³/s
     * @param list<array{float, float}> $gaps
     */
    public function __construct(
        public array $units,
        public array $drawn,
        public array $expected,
        public float $flowU,
        public float $seconds,
        public array $gaps,
    ) {
    }

    /** @return list<array{float, float}|null> between which flows each point should lie */
    public function band(): array
    {
        return array_map(fn (?float $flow): ?array => null === $flow ? null : ExpectedFlow::band($flow, $this->flowU), $this->expected);
    }

    /** @return array<string, float> channel => mean over the last span */
    public function now(): array
    {
        return [] === $this->drawn ? [] : $this->drawn[\count($this->drawn) - 1]->mean;
    }

    /** @return array{float, float}|null between which flows the last point should lie */
    public function expectedNow(): ?array
    {
        $band = $this->band();

        return [] === $band ? null : $band[\count($band) - 1];
    }

    /** By which share the flow now falls short of its band; 0: it does not; null: it cannot be told. */
    public function shortNow(): ?float
    {
        $band = $this->expectedNow();
        $flow = $this->now()['flow'] ?? null;

        return null === $band || null === $flow || $band[0] <= 0.0 ? null : max(0.0, 1.0 - $flow / $band[0]);
    }
}
