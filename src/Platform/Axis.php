<?php

declare(strict_types=1);

namespace App\Platform;

/** An axis of a drawing, with ticks at round numbers: 1, 2 or 5 times a power of ten. */
final readonly class Axis
{
    /** @param list<float> $ticks from the lower to the upper end */
    private function __construct(public float $from, public float $to, public array $ticks)
    {
    }

    /** Both ends on a tick, so that all that is drawn lies between two numbers. */
    public static function around(float $low, float $high, int $steps = 4): self
    {
        $step = self::step($low, $high, $steps);
        $first = floor($low / $step + 1e-9);
        $last = max($first + 1, ceil($high / $step - 1e-9));
        $ticks = array_map(static fn (float|int $i): float => $i * $step, range($first, $last));

        return new self($first * $step, $last * $step, $ticks);
    }

    /** From one end to the other as they are, with the ticks that lie between. */
    public static function between(float $low, float $high, int $steps = 4): self
    {
        $all = self::around($low, $high, $steps)->ticks;

        return new self($low, $high, array_values(array_filter($all, static fn (float $at): bool => $at >= $low && $at <= $high)));
    }

    /** @return float where a value lies on it: 0 at its lower end, 1 at its upper */
    public function share(float $value): float
    {
        return ($value - $this->from) / (($this->to - $this->from) ?: 1.0);
    }

    public static function say(float $value): string
    {
        return 0.0 === round($value, 9) ? '0' : strtr((string) round($value, 6), ['-' => '−']);
    }

    private static function step(float $low, float $high, int $steps): float
    {
        $rough = ($high > $low ? $high - $low : (abs($high) / 10 ?: 1.0)) / $steps;
        $power = 10 ** floor(log10($rough));

        return $power * ($rough / $power < 1.5 ? 1 : ($rough / $power < 3.5 ? 2 : ($rough / $power < 7.5 ? 5 : 10)));
    }
}
