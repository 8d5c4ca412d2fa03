<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** How fast a size wears, and how long until its limit if it goes on like that. All sizes and the service in SI. */
final readonly class WearProjection
{
    private float $sign;

    /**
     * @param float $service time or distance run since new
     * @param float $u standard uncertainty of now
     *
     * @throws MeasuringError if there is no way from new to the limit
     */
    public function __construct(
        private float $new,
        private float $limit,
        private float $now,
        private float $service,
        private float $u = 0.0,
    ) {
        if (abs($limit - $new) <= 1e-9) {
            throw MeasuringError::newIsTheLimit();
        }
        $this->sign = $limit > $new ? 1.0 : -1.0;
    }

    /** Wear per service, positive towards the limit. */
    public function rate(): float
    {
        return $this->rateAt($this->now);
    }

    /** Service left; 0 past the limit; null when there is no wear, or of the wrong sign. */
    public function left(): ?float
    {
        return $this->leftAt($this->now);
    }

    /**
     * The way left taken anew at now ± 1.96 u, the smaller first.
     *
     * @return array{float|null, float|null}
     */
    public function band(): array
    {
        return [$this->leftAt($this->now + $this->sign * 1.96 * $this->u), $this->leftAt($this->now - $this->sign * 1.96 * $this->u)];
    }

    private function rateAt(float $now): float
    {
        return ($now - $this->new) * $this->sign / $this->service;
    }

    private function leftAt(float $now): ?float
    {
        $worn = ($now - $this->new) * $this->sign;
        $room = ($this->limit - $now) * $this->sign;

        return match (true) {
            $room <= 1e-9 => 0.0,
            $worn <= 1e-9 => null,
            default => $room / ($worn / $this->service),
        };
    }
}
