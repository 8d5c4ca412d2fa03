<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** Readings judged against limits. All lengths and other sizes in SI, in the dimension of the limits. */
final readonly class Assessment
{
    /** @param list<string> $notes what the numbers do not say by themselves */
    public function __construct(
        public Limits $limits,
        public float $mean,
        public float $u,
        public float $guard,
        public float $conformity,
        public ?float $wearUsed,
        public LimitVerdict $verdict,
        public array $notes = [],
    ) {
    }

    /**
     * Where a scale picture begins and ends (SI): the limits and the new size, the value with its guard band,
     * and a little room at either side.
     *
     * @return array{float, float}
     */
    public function scale(): array
    {
        $points = [$this->mean - $this->guard, $this->mean + $this->guard];
        foreach ([$this->limits->new, $this->limits->min, $this->limits->max] as $quantity) {
            if (null !== $quantity) {
                $points[] = $quantity->si;
            }
        }
        $low = min($points);
        $high = max($points);
        $room = max(($high - $low) * 0.12, abs($high) * 1e-6, 1e-12);

        return [$low - $room, $high + $room];
    }
}
