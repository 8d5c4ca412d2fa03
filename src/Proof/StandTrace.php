<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Platform\Axis;
use App\Platform\Tick;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Proof\DrawnPoint;
use Japhrex\Core\Proof\Trace;
use Japhrex\Core\Quantity\Units;
use Twig\Attribute\AsTwigFunction;

/**
 * A run as lines that a template draws: each channel a strip of its own, the expected band behind the flow; numbers in the units of the
 * person who reads.
 */
final readonly class StandTrace
{
    private const WIDTH = 900.0;
    private const HEIGHT = 110.0;

    public function __construct(private CurrentPerson $person)
    {
    }

    /**
     * @return list<DrawnStrip>
     */
    #[AsTwigFunction('stand_trace')]
    public function draw(Trace $run): array
    {
        $strips = [];
        [$time, $each] = match (true) {
            $run->seconds < 180.0 => ['s', 1.0],
            $run->seconds < 10800.0 => ['min', 60.0],
            default => ['h', 3600.0],
        };
        $seconds = Axis::between(0.0, $run->seconds / $each);
        foreach (Channel::cases() as $channel) {
            $name = $channel->value;
            if (!isset($run->units[$name])) {
                continue;
            }
            $band = Channel::Flow === $channel ? $run->band() : [];
            $all = [
                ...array_map(static fn (DrawnPoint $point): float => $point->low[$name], $run->drawn),
                ...array_map(static fn (DrawnPoint $point): float => $point->high[$name], $run->drawn),
                ...array_merge(...array_map(static fn (?array $one): array => $one ?? [], $band)),
            ];
            $unit = Units::named($this->person->units()->unit($channel->dimension()), $channel->dimension());
            $top = max(0.0, ...$all);
            // A flow that never falls under half of its most is drawn from there, so that its band can be seen.
            $bottom = Channel::Flow === $channel && min($top, ...$all) > $top / 2 ? $top / 2 : min(0.0, ...$all);
            $axis = Axis::around($unit->fromSi($bottom), $unit->fromSi($top));
            $scale = static fn (float $value): float => round(self::HEIGHT * (1.0 - $axis->share($unit->fromSi($value))), 1);
            $x = static fn (float $t): float => round(self::WIDTH * $t / ($run->seconds ?: 1.0), 1);
            $times = array_column($run->drawn, 't');
            $strips[] = new DrawnStrip(
                $name,
                $unit->symbol(),
                $this->ticks($axis),
                $time,
                $this->ticks($seconds),
                self::between(
                    $times,
                    array_map(static fn (DrawnPoint $point): array => [$point->low[$name], $point->high[$name]], $run->drawn),
                    $x,
                    $scale,
                ),
                self::line($run, $name, $x, $scale),
                self::between($times, $band, $x, $scale),
            );
        }

        return $strips;
    }

    /**
     * @return list<ChannelNow> what the stand shows now, and between which flows it should lie
     */
    #[AsTwigFunction('stand_now')]
    public function now(Trace $run): array
    {
        $shown = [];
        foreach (Channel::cases() as $channel) {
            $value = $run->now()[$channel->value] ?? null;
            if (null !== $value) {
                $band = Channel::Flow === $channel ? $run->expectedNow() : null;
                $shown[] = new ChannelNow(
                    $channel->value,
                    $this->show($value, $channel),
                    null === $band
                        ? ''
                        : \sprintf('%s to %s expected', $this->show($band[0], $channel), $this->show($band[1], $channel)),
                );
            }
        }

        return $shown;
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
                $back[] = $x($times[$i]).' '.$y($pair[0]);
            }
        }

        return [] === $there ? '' : 'M'.implode('L', [...$there, ...array_reverse($back)]).'Z';
    }

    /**
     * The mean, broken where nothing was recorded.
     *
     * @param \Closure(float): float $x
     * @param \Closure(float): float $y
     */
    private static function line(Trace $run, string $name, \Closure $x, \Closure $y): string
    {
        $path = '';
        $last = null;
        foreach ($run->drawn as $point) {
            $broken = null === $last || ([] !== $run->gaps
                && [] !== array_filter($run->gaps, static fn (array $gap): bool => $gap[0] < $point->t && $gap[1] > $last));
            $path .= ($broken ? 'M' : 'L').$x($point->t).' '.$y($point->mean[$name]);
            $last = $point->t;
        }

        return $path;
    }

    /** @return list<Tick> */
    private function ticks(Axis $axis): array
    {
        return array_map(static fn (float $at): Tick => new Tick($axis->share($at), Axis::say($at)), $axis->ticks);
    }

    private function show(float $si, Channel $channel): string
    {
        return $this->person->units()->show($si, $channel->dimension());
    }
}
