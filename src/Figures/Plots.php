<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\CurrentPerson;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Input\Life;
use Japhrex\Core\Figure\Input\Pair;
use Japhrex\Core\Figure\Input\Place;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** Curves that move with the values, sampled from the figures themselves. */
final readonly class Plots
{
    public function __construct(private FigureRegistry $registry, private CurrentPerson $person, private PumpPlots $pumps)
    {
    }

    /** @return list<Plot> */
    public function plotsOf(Asked $asked): array
    {
        if (null === $asked->outcome || null === $asked->inputs) {
            return [];
        }

        return match ($asked->card->name) {
            'wear-projection' => [$this->wear($asked->inputs, $asked->outcome)],
            'form' => [$this->form($asked->inputs)],
            'power-curve' => [$this->power($asked->inputs, $asked->outcome)],
            'pump-curve' => [$this->pumpCurve($asked->inputs, $asked->outcome)],
            'viscosity' => [$this->viscosity($asked->typed, $asked->inputs, $asked->outcome)],
            'worn-pump' => [$this->pumps->delivery($asked->typed, $asked->inputs)],
            'held-pressure' => [$this->pumps->held($asked->typed, $asked->inputs, $asked->outcome)],
            'complaint-check' => $this->pumps->complaint($asked->typed, $asked->inputs, $asked->outcome),
            'weibull' => [$this->life($asked->inputs, $asked->outcome)],
            default => [],
        };
    }

    /** The unit in which service is drawn. */
    public function serviceUnit(Dimension $dimension): string
    {
        return Dimension::Time === $dimension ? 'h' : $this->person->units()->unit(Dimension::Distance);
    }

    private function wear(Inputs $inputs, Outcome $outcome): Plot
    {
        $length = $this->to(Dimension::Length);
        $service = $inputs->quantity('service');
        $unit = $this->serviceUnit($service->dimension);
        $run = $service->in($unit);
        $left = static fn (string $name): ?float => isset($outcome->results()[$name])
            ? Units::named($unit, $service->dimension)->fromSi($outcome->results()[$name]->si()[0])
            : null;
        [$new, $now, $limit, $band] = [
            $length($inputs->si('new')),
            $length($inputs->si('now')),
            $length($inputs->si('limit')),
            1.96 * ($length($inputs->si('u')) - $length(0.0)),
        ];
        $plot = (
            new Plot('service, '.$unit, 'size, '.$this->name(Dimension::Length), fromZero: false)
        )->line('new', [[0.0, $new], [$run, $now]], 'worn so far');
        $ends = array_filter([$left('left-low'), $left('left'), $left('left-high')], static fn (?float $v): bool => null !== $v);
        $last = $run + ([] === $ends ? $run * 0.3 : min(max($ends), $run * 6));
        $plot->line('limit', [[0.0, $limit], [$last, $limit]], 'limit');
        foreach (['left' => 'found', 'left-low' => 'band', 'left-high' => 'band'] as $name => $class) {
            $way = $left($name);
            if (null !== $way && $way > 0) {
                $start = 'left' === $name ? $now : $now + ('left-low' === $name ? 1 : -1) * ($limit > $new ? 1 : -1) * $band;
                $share = min(1.0, ($last - $run) / $way);
                $plot->line($class, [[$run, $start], [$run + $way * $share, $start + ($limit - $start) * $share]]);
            }
        }

        return $plot->dot('found', $run, $now, 'now');
    }

    private function form(Inputs $inputs): Plot
    {
        $length = $this->to(Dimension::Length);
        $plot = new Plot('place, in the order typed', 'reading, '.$this->name(Dimension::Length), fromZero: false);
        $points = [];
        foreach ($inputs->items('readings', Place::class) as $i => $place) {
            $points[] = [(float) $i + 1, $length($place->reading->si)];
            $plot->dot('found', (float) $i + 1, $length($place->reading->si), $i < 12 ? $place->name : '');
        }

        return $plot->line('found', $points);
    }

    private function power(Inputs $inputs, Outcome $outcome): Plot
    {
        [$p, $q] = [$this->to(Dimension::Pressure), $this->to(Dimension::Flow)];
        $points = $inputs->items('points', Pair::class);
        $pressures = array_map(static fn (Pair $pair): float => $pair->first->si, $points) ?: [1.0];
        $work = $inputs->si('power') * $inputs->si('overall');
        [$low, $high] = [max(min($pressures) * 0.8, 1.0), max(max($pressures) * 1.15, 2.0)];
        $tolerance = $inputs->si('tolerance');
        $plot = new Plot('pressure, '.$this->name(Dimension::Pressure), 'flow, '.$this->name(Dimension::Flow));
        foreach (['needed' => 1.0, 'band' => 1 + $tolerance, 'band low' => max(0.0, 1 - $tolerance)] as $class => $factor) {
            $plot->line(
                $class,
                array_map(
                    static fn (int $i): array => [
                        $p($low + ($high - $low) * $i / 40),
                        $q($factor * $work / ($low + ($high - $low) * $i / 40)),
                    ],
                    range(0, 40),
                ),
                1.0 === $factor ? 'constant power' : '',
            );
        }
        $off = $outcome->results()['off']->value;
        foreach ($points as $i => $pair) {
            $plot->dot(
                \is_array($off) && \in_array($i + 1, $off, true) ? 'off' : 'found',
                $p($pair->first->si),
                $q($pair->second->si),
                (string) ($i + 1),
            );
        }

        return $plot;
    }

    private function pumpCurve(Inputs $inputs, Outcome $outcome): Plot
    {
        [$q, $h] = [$this->to(Dimension::Flow), static fn (float $m): float => $m];
        $n = $inputs->si('speed') / $inputs->si('rated-speed');
        $points = array_map(
            static fn (Pair $pair): array => [$q($pair->first->si * $n), $h($pair->second->si * $n ** 2)],
            $inputs->items('curve', Pair::class),
        );
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return (new Plot('flow, '.$this->name(Dimension::Flow), 'head, m'))
            ->line('new', $points, 'curve at this speed')
            ->dot('found', $q($inputs->si('flow')), $h($inputs->si('head')), 'measured')
            ->dot('new', $q($inputs->si('flow')), $outcome->results()['expected']->si()[0], 'expected');
    }

    /** @param array<string, string> $typed */
    private function viscosity(array $typed, Inputs $inputs, Outcome $outcome): Plot
    {
        $t = $this->to(Dimension::Temperature);
        $points = [];
        for ($celsius = 0; $celsius <= 120; $celsius += 5) {
            try {
                $points[] = [
                    $t((float) $celsius),
                    $this->registry->compute('viscosity', ['at' => $celsius.' C'] + $typed)[1]->results()['viscosity']->si()[0] * 1e6,
                ];
            } catch (FigureError) {
                continue;
            }
        }

        return (new Plot('oil temperature, '.$this->name(Dimension::Temperature), 'viscosity, cSt'))->line('new', $points)
            ->dot('found', $t($inputs->si('at')), $outcome->results()['viscosity']->si()[0] * 1e6, 'here');
    }

    private function life(Inputs $inputs, Outcome $outcome): Plot
    {
        [$shape, $scale] = [$outcome->results()['shape']->value, $outcome->results()['scale']->value];
        $shape = \is_float($shape) ? $shape : 1.0;
        $scale = \is_float($scale) ? $scale : 1.0;
        $lives = $inputs->items('times', Life::class);
        $last = max([$scale * 1.4, ...array_map(static fn (Life $life): float => $life->time, $lives)]);
        $share = static fn (float $t): float => 100 * (1 - exp(-($t / $scale) ** $shape));
        $plot = (new Plot('time, '.$inputs->word('unit'), 'failed, %'))->line(
            'new',
            array_map(static fn (int $i): array => [$last * $i / 60, $share($last * $i / 60)], range(0, 60)),
            'fitted life',
        );
        foreach (\array_slice($lives, 0, 200) as $life) {
            $plot->dot($life->isRunning ? 'new' : 'found', $life->time, $life->isRunning ? 0.0 : $share($life->time), '');
        }

        return $plot;
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
