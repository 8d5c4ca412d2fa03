<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Does the wear explain the complaint? The pump as new and as found, cold and hot, at idle and at working speed. */
final readonly class ComplaintCheck
{
    /**
     * @param float $idle rev/s
     * @param float $working rev/s
     * @param float $needed Pa
     * @param float $relief Pa
     */
    public function __construct(
        private WornPump $new,
        private WornPump $found,
        private OilState $cold,
        private OilState $hot,
        private float $idle,
        private float $working,
        private Orifice $demand,
        private float $needed,
        private float $relief,
    ) {
    }

    /** @return array<string, HeldPressure> `cold-idle-new`, `cold-idle-found`, … */
    public function held(): array
    {
        $held = [];
        foreach (['cold' => $this->cold, 'hot' => $this->hot] as $warmth => $oil) {
            foreach (['idle' => $this->idle, 'working' => $this->working] as $speed => $turns) {
                $held["$warmth-$speed-new"] = $this->new->held($turns, $oil, $this->demand, $this->relief);
                $held["$warmth-$speed-found"] = $this->found->held($turns, $oil, $this->demand, $this->relief);
            }
        }

        return $held;
    }

    /** @param array<string, HeldPressure> $held */
    public function pattern(array $held): WearPattern
    {
        $misses = fn (string $state): bool => $held[$state]->pressure < $this->needed
            && !Quantity::same($held[$state]->pressure, $this->needed, Dimension::Pressure);
        foreach (['cold-idle-new', 'cold-working-new', 'hot-idle-new', 'hot-working-new'] as $state) {
            if ($misses($state)) {
                return WearPattern::NewFails;
            }
        }

        return match (true) {
            $misses('cold-working-found') => WearPattern::Always,
            $misses('cold-idle-found') && $misses('hot-working-found') => WearPattern::AllButColdWorking,
            $misses('cold-idle-found') => WearPattern::Idle,
            $misses('hot-working-found') => WearPattern::Hot,
            $misses('hot-idle-found') => WearPattern::HotIdle,
            default => WearPattern::Never,
        };
    }
}
