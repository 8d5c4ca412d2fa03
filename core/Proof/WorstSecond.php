<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Quantity\Quantity;

/** The second of a recording that lies nearest to a limit, or farthest beyond it, with the conditions under which it was. */
final readonly class WorstSecond
{
    /** A stand holds a pressure or a speed within this share of what is asked, and a temperature within so many kelvin. */
    private const NEAR = 0.05;
    private const NEAR_KELVIN = 5.0;

    /**
     * @param float $at seconds since the first row
     * @param float $value of the channel, SI, as the mean of that second
     * @param array<string, float> $with the other channels in that second, SI
     */
    private function __construct(public float $at, public float $value, public array $with)
    {
    }

    /**
     * @return self|null null where the read has no channel, the recording has not got it, or was never under its conditions
     *
     * @throws \DomainException|\Japhrex\Core\Quantity\QuantityError if the conditions of the read cannot be read
     */
    public static function of(Recording $recording, ProofRead $read): ?self
    {
        if ('' === $read->channel || !isset($recording->values[$read->channel])) {
            return null;
        }
        $asked = [];
        foreach ($read->at as $channel => $typed) {
            $asked[$channel] = Quantity::parse($typed, Channel::from($channel)->dimension())->si;
        }
        $worst = null;
        $worstRank = -\INF;
        foreach (self::seconds($recording) as [$at, $means]) {
            if (!self::isUnder($means, $asked)) {
                continue;
            }
            $value = $means[$read->channel];
            $rank = '' === $read->least ? $value : -($read->ofDisplacement && isset($means['speed']) ? $value / $means['speed'] : $value);
            if ($rank > $worstRank) {
                [$worstRank, $worst] = [$rank, new self($at, $value, array_diff_key($means, [$read->channel => true]))];
            }
        }

        return $worst;
    }

    /** @return iterable<int, array{float, array<string, float>}> when it begins, and the mean of each channel in it */
    private static function seconds(Recording $recording): iterable
    {
        $n = \count($recording->times);
        for ($from = 0; $from < $n; $from = $to) {
            $to = $from + 1;
            while ($to < $n && $recording->times[$to] < $recording->times[$from] + 1.0) {
                ++$to;
            }
            yield [
                $recording->times[$from] - $recording->times[0],
                array_map(
                    static fn (array $values): float => array_sum(\array_slice($values, $from, $to - $from)) / ($to - $from),
                    $recording->values,
                ),
            ];
        }
    }

    /**
     * @param array<string, float> $means
     * @param array<string, float> $asked
     */
    private static function isUnder(array $means, array $asked): bool
    {
        foreach ($asked as $channel => $value) {
            $near = Channel::Temperature->value === $channel ? self::NEAR_KELVIN : self::NEAR * abs($value);
            if (!isset($means[$channel]) || abs($means[$channel] - $value) > $near) {
                return false;
            }
        }

        return true;
    }
}
