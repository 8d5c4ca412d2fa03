<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Weights;

/**
 * How sure it is that it was this one: the part that the first had in it, its log odds moved along a straight line until what is called
 * 80 % has been right in eight of ten failures told to it (Platt, Probabilistic outputs, 1999). The others share what is left as before.
 */
final class Tempered
{
    private const SURE = 0.999;

    /**
     * @param list<float> $parts of the candidates, the largest first
     *
     * @return list<float> that it was each of them; what is left to make 1 is nobody's
     */
    public static function of(array $parts, Weights $weights): array
    {
        $first = min(self::SURE, max(0.0, $parts[0] ?? 0.0));
        if (0.0 === $first) {
            return $parts;
        }
        $sure = 1.0 / (1.0 + exp(-$weights->lift) * ((1.0 - $first) / $first) ** $weights->temper);
        $left = (1.0 - $sure) / (1.0 - $first);

        return array_map(static fn (int $i): float => 0 === $i ? $sure : $parts[$i] * $left, array_keys($parts));
    }
}
