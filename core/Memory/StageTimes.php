<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** How long a case stood at each stage. */
final class StageTimes
{
    private const FIRST = 'intake';
    private const DAY = 86400;

    /**
     * @param list<StageMove> $moves in the order of time
     * @param \DateTimeImmutable|null $out when it went out; null: it stands at the last one still, and how long is not told
     *
     * @return array<string, float> days by stage; of a stage that it came to twice their sum; empty: no move of it is known
     */
    public static function of(\DateTimeImmutable $taken, array $moves, ?\DateTimeImmutable $out): array
    {
        $days = [];
        [$at, $since] = [self::FIRST, $taken];
        foreach ($moves as $move) {
            $days[$at] = ($days[$at] ?? 0.0) + self::days($since, $move->at);
            [$at, $since] = [$move->to, $move->at];
        }
        if ([] !== $moves && null !== $out && $out > $since) {
            $days[$at] = ($days[$at] ?? 0.0) + self::days($since, $out);
        }

        return $days;
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return max(0, $to->getTimestamp() - $from->getTimestamp()) / self::DAY;
    }
}
