<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\CurrentPerson;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** What a worn pump delivers against what its circuit takes. */
final readonly class PumpPlots
{
    private const STATES = [
        'cold-idle' => 'cold, idle',
        'cold-working' => 'cold, working speed',
        'hot-idle' => 'hot, idle',
        'hot-working' => 'hot, working speed',
    ];

    public function __construct(private FigureRegistry $registry, private CurrentPerson $person)
    {
    }

    /** @param array<string, string> $typed */
    public function delivery(array $typed, Inputs $inputs): Plot
    {
        $top = max($inputs->si('pressure') * 1.5, 1e5);
        [$p, $q] = [$this->to(Dimension::Pressure), $this->to(Dimension::Flow)];

        return $this->flows()->line('found', $this->delivered($typed, $top), 'delivered')
            ->dot(
                'found',
                $p($inputs->si('pressure')),
                $q($this->registry->compute('worn-pump', $typed)[1]->results()['delivered']->si()[0]),
                'here',
            );
    }

    /** @param array<string, string> $typed */
    public function held(array $typed, Inputs $inputs, Outcome $outcome): Plot
    {
        [$p, $q] = [$this->to(Dimension::Pressure), $this->to(Dimension::Flow)];
        $relief = max($inputs->si('relief'), 1e4);
        $pump = array_diff_key($typed, ['demand' => '', 'relief' => '']);
        $held = $outcome->results()['pressure']->si()[0];

        return $this->flows()->line('found', $this->delivered($pump, $relief), 'delivered')
            ->line('needed', $this->circuit($typed, $relief, $typed['at']), 'taken by the circuit')
            ->line('limit', [[$p($relief), 0.0], [$p($relief), $q($inputs->si('displacement') * $inputs->si('speed'))]], 'relief')
            ->dot(
                'found',
                $p($held),
                $q($this->registry->compute('worn-pump', ['pressure' => $held.' Pa'] + $pump)[1]->results()['delivered']->si()[0]),
                'held',
            );
    }

    /**
     * @param array<string, string> $typed
     *
     * @return list<Plot> one for each state
     */
    public function complaint(array $typed, Inputs $inputs, Outcome $outcome): array
    {
        $p = $this->to(Dimension::Pressure);
        $q = $this->to(Dimension::Flow);
        $plots = [];
        foreach (self::STATES as $state => $title) {
            [$warmth, $speed] = explode('-', $state);
            $pump = array_intersect_key(
                $typed,
                array_flip(['displacement', 'v40', 'v100', 'density']),
            ) + ['speed' => $typed[$speed], 'at' => $typed[$warmth]];
            $relief = max($inputs->si('relief'), 1e4);
            $top = $inputs->si('displacement') * $inputs->si($speed);
            $plot = $this->flows($title)
                ->line('new', $this->delivered(['paths' => $typed['new-paths']] + $pump, $relief), 'new')
                ->line('found', $this->delivered(['paths' => $typed['found-paths']] + $pump, $relief), 'as found')
                ->line('circuit', $this->circuit($typed, $relief, $typed[$warmth]), 'circuit')
                ->line('limit', [[$p($inputs->si('needed')), 0.0], [$p($inputs->si('needed')), $q($top)]], 'needed');
            foreach (['new', 'found'] as $which) {
                $held = $outcome->results()[$state.'-'.$which]->si()[0];
                $plot->dot(
                    $which,
                    $p($held),
                    $q(
                        $this->registry->compute(
                            'worn-pump',
                            ['pressure' => $held.' Pa', 'paths' => $typed[$which.'-paths']] + $pump,
                        )[1]->results()['delivered']->si()[0]
                    ),
                );
            }
            $plots[] = $plot;
        }

        return $plots;
    }

    private function flows(string $title = ''): Plot
    {
        return new Plot('pressure, '.$this->name(Dimension::Pressure), 'flow, '.$this->name(Dimension::Flow), $title);
    }

    /**
     * @param array<string, string> $pump what worn-pump takes, but for the pressure
     *
     * @return list<array{float, float}>
     */
    private function delivered(array $pump, float $top): array
    {
        return array_map(
            fn (int $i): array => [
                $this->to(Dimension::Pressure)($top * $i / 24),
                $this->to(Dimension::Flow)(
                    $this->registry->compute(
                        'worn-pump',
                        ['pressure' => \sprintf('%.3F Pa', $top * $i / 24)] + $pump,
                    )[1]->results()['delivered']->si()[0]
                ),
            ],
            range(0, 24),
        );
    }

    /**
     * @param array<string, string> $typed
     *
     * @return list<array{float, float}>
     */
    private function circuit(array $typed, float $top, string $at): array
    {
        $density = $this->registry->compute(
            'viscosity',
            ['at' => $at] + array_intersect_key($typed, array_flip(['v40', 'v100', 'density'])),
        )[1]->results()['density']->si()[0];
        $flow = fn (float $pressure): float => $this->registry->compute(
            'orifice',
            ['diameter' => $typed['demand'], 'pressure' => \sprintf('%.3F Pa', $pressure), 'density' => \sprintf('%.6F kg/m3', $density)],
        )[1]->results()['flow']->si()[0];
        try {
            return array_map(
                fn (int $i): array => [$this->to(Dimension::Pressure)($top * $i / 24), $this->to(Dimension::Flow)($flow($top * $i / 24))],
                range(0, 24),
            );
        } catch (FigureError) {
            // Demand 0: nothing flows.
            return [[0.0, 0.0], [$this->to(Dimension::Pressure)($top), 0.0]];
        }
    }

    /** @return \Closure(float): float from SI to what this person reads */
    private function to(Dimension $dimension): \Closure
    {
        $unit = Units::named($this->person->units()->unit($dimension), $dimension);

        return static fn (float $si): float => $unit->fromSi($si);
    }

    private function name(Dimension $dimension): string
    {
        return $this->person->units()->unit($dimension);
    }
}
