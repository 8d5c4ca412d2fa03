<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** Which mechanisms can lead from one condition to another, of all that the network of a unit has. */
final class Joins
{
    /** Links of a way at most. */
    private const LONGEST = 5;

    /**
     * @param list<string> $from ids of spots that the cause may be, likewise of the effect
     * @param list<string> $to
     *
     * @return list<Tie> the strongest first; of one mechanism and carrier the strongest alone
     */
    public static function between(Ground $ground, array $from, array $to): array
    {
        $best = [];
        foreach ($ground->ties as $tie) {
            $key = $tie->mechanism.' '.$tie->by;
            $is = \in_array($tie->from, $from, true) && \in_array($tie->to, $to, true);
            if ($is && $tie->strength > ($best[$key]->strength ?? -1.0)) {
                $best[$key] = $tie;
            }
        }
        uasort($best, static fn (Tie $one, Tie $other): int => $other->strength <=> $one->strength);

        return array_values($best);
    }

    /**
     * What lies between two conditions that nothing joins directly.
     *
     * @param list<string> $from
     * @param list<string> $to
     *
     * @return list<Spot> of the likeliest way from one to the other, in its order; none: no way of up to LONGEST links leads there
     */
    public static function byWayOf(Ground $ground, array $from, array $to): array
    {
        $best = array_fill_keys($from, 1.0);
        $before = [];
        for ($length = 0, $last = $from; $length < self::LONGEST && [] !== $last; ++$length) {
            $reached = [];
            foreach ($ground->ties as $tie) {
                $strength = ($best[$tie->from] ?? 0.0) * $tie->strength;
                if (\in_array($tie->from, $last, true) && $strength > ($best[$tie->to] ?? 0.0)) {
                    [$best[$tie->to], $before[$tie->to]] = [$strength, $tie->from];
                    $reached[] = $tie->to;
                }
            }
            $last = array_values(array_unique($reached));
        }
        $ends = array_filter($to, static fn (string $id): bool => isset($before[$id]));
        usort($ends, static fn (string $one, string $other): int => $best[$other] <=> $best[$one]);
        $way = [];
        for ($id = $before[$ends[0] ?? ''] ?? null; null !== $id && !\in_array($id, $from, true); $id = $before[$id] ?? null) {
            array_unshift($way, $ground->spots[$id]);
        }

        return $way;
    }
}
