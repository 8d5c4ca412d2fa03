<?php

declare(strict_types=1);

namespace App\Proof;

use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Quantity\Units;
use Twig\Attribute\AsTwigFunction;

/** A recording as lines that a template draws: each channel a strip of its own, the expected band behind the flow. */
final class StandTrace
{
    private const WIDTH = 900.0;
    private const HEIGHT = 110.0;

    /** @return list<array{name: string, unit: string, low: string, high: string, peaks: string, mean: string, band: string}> paths in a box of 900 by 110; low and high: ends of the scale */
    #[AsTwigFunction('stand_trace')]
    public static function of(StandRecording $recording): array
    {
        $strips = [];
        foreach (Channel::cases() as $channel) {
            $name = $channel->value;
            if (!isset($recording->units[$name])) {
                continue;
            }
            $band = Channel::Flow === $channel ? array_map(static fn (?float $flow): ?array => null === $flow ? null : [$flow * (1 - ExpectedFlow::BAND), $flow * (1 + ExpectedFlow::BAND)], $recording->expected) : [];
            $all = [...array_map(static fn (array $point): float => $point['low'][$name], $recording->drawn), ...array_map(static fn (array $point): float => $point['high'][$name], $recording->drawn), ...array_merge(...array_map(static fn (?array $one): array => $one ?? [], $band))];
            [$bottom, $top] = [min(0.0, ...$all), max(0.0, ...$all)];
            $scale = static fn (float $value): float => round(self::HEIGHT - self::HEIGHT * ($value - $bottom) / (($top - $bottom) ?: 1.0), 1);
            $x = static fn (float $t): float => round(self::WIDTH * $t / ($recording->seconds ?: 1.0), 1);
            $times = array_column($recording->drawn, 't');
            $unit = Units::named($recording->units[$name], $channel->dimension());
            $strips[] = [
                'name' => $name, 'unit' => $recording->units[$name], 'low' => self::number($unit->fromSi($bottom)), 'high' => self::number($unit->fromSi($top)),
                'peaks' => self::between($times, array_map(static fn (array $point): array => [$point['low'][$name], $point['high'][$name]], $recording->drawn), $x, $scale),
                'mean' => self::line($recording, $name, $x, $scale),
                'band' => self::between($times, $band, $x, $scale),
            ];
        }

        return $strips;
    }

    /**
     * A closed outline between two lines.
     *
     * @param list<float> $times
     * @param list<array{float, float}|null> $pairs
     * @param \Closure(float): float $x
     * @param \Closure(float): float $y
     */
    private static function between(array $times, array $pairs, \Closure $x, \Closure $y): string
    {
        $there = $back = [];
        foreach ($pairs as $i => $pair) {
            if (null !== $pair) {
                $there[] = $x($times[$i]).' '.$y($pair[1]);
                array_unshift($back, $x($times[$i]).' '.$y($pair[0]));
            }
        }

        return [] === $there ? '' : 'M'.implode('L', [...$there, ...$back]).'Z';
    }

    /**
     * The mean, broken where nothing was recorded.
     *
     * @param \Closure(float): float $x
     * @param \Closure(float): float $y
     */
    private static function line(StandRecording $recording, string $name, \Closure $x, \Closure $y): string
    {
        $path = '';
        $last = null;
        foreach ($recording->drawn as $point) {
            $broken = null === $last || [] !== array_filter($recording->gaps, static fn (array $gap): bool => $gap[0] < $point['t'] && $gap[1] > $last);
            $path .= ($broken ? 'M' : 'L').$x($point['t']).' '.$y($point['mean'][$name]);
            $last = $point['t'];
        }

        return $path;
    }

    private static function number(float $value): string
    {
        return number_format($value, abs($value) < 10 ? 1 : 0, '.', '');
    }
}
