<?php

declare(strict_types=1);

namespace App\Demo\Years;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Closed cases as a shop would have them over so many years: the same each time they are made. A customer has machines, a machine has a
 * unit, a unit comes in when it has lived as long as its story gives it, and some come back.
 */
final class YearsOfCases
{
    /** Of the units that go out, so many come back with a failure that the last repair left in. */
    private const BACK = 0.07;

    /** Shape and scale (days) of the time after which they do: most of them soon. */
    private const SOON = [0.9, 200.0];

    /** The batch of seals that tears, since when it is fitted (years before the end), and how many units with it come back, by what. */
    private const BAD = 'K7-114';
    private const BAD_SINCE = 0.9;
    private const BACK_BAD = 0.5;
    private const TORN = 'torn-lip-gear-pump';

    /** Hours that a machine runs in a year. */
    public const A_YEAR = 900.0;

    private Randomizer $chance;

    /**
     * @param non-empty-list<YearStory> $stories
     * @param non-empty-array<string, float> $customers name => weight
     */
    public function __construct(private readonly array $stories, private readonly array $customers, int $seed = 20111)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @return \Generator<int, YearCase> the oldest first */
    public function between(\DateTimeImmutable $first, \DateTimeImmutable $last, int $count): \Generator
    {
        $span = $last->getTimestamp() - $first->getTimestamp();
        $due = [];
        for ($i = 1; $i <= $count; ++$i) {
            $at = $first->setTimestamp($first->getTimestamp() + (int) ($span * ($i - 0.5) / $count))->setTime(7 + $i % 9, $i % 60);
            $back = array_key_first(array_filter($due, static fn (array $one): bool => $one[1] < $at));
            $case = null === $back ? $this->fresh($i, $at, $last) : $this->again($i, $at, $due[$back][0]);
            unset($due[$back ?? -1]);
            if ($this->unit() < (self::BAD === $case->batch ? self::BACK_BAD : self::BACK)) {
                $after = $this->life(self::SOON[0], self::SOON[1] * (self::BAD === $case->batch ? 0.3 : 1));
                $due[$i] = [$case, $case->out->modify(\sprintf('+%d days', 5 + (int) min(1500, $after)))];
            }
            yield $case;
        }
    }

    private function fresh(int $i, \DateTimeImmutable $at, \DateTimeImmutable $last): YearCase
    {
        $left = ($last->getTimestamp() - $at->getTimestamp()) / (365.25 * 86400);
        $story = $this->stories[$this->pick(array_map(static fn (YearStory $one): float => $one->weight, $this->stories))];
        $weights = [];
        foreach ($this->customers as $name => $weight) {
            $weights[$name] = $weight * ($story->at[$name] ?? 1);
        }
        [$customer, $model] = [$this->pick($weights), $this->pick(array_fill_keys(array_keys($story->models), 1.0))];
        $machine = $story->machines[$this->chance->getInt(0, \count($story->machines) - 1)];
        $serial = strtoupper(substr($model, 0, 1)).'-'.$this->chance->getInt(1000, 9999).'-'.$i;
        $hours = $this->life($story->life[0], $story->life[1] * $story->models[$model]);
        $signed = $at->modify('+'.$this->chance->getInt(2, 12).' days');

        return new YearCase(
            $i, $story, $customer, $machine, $model, $serial, $hours, null, $at, $signed,
            $signed->modify('+'.$this->chance->getInt(2, 20).' days'), null, $this->batch($story, $left, $signed),
        );
    }

    private function again(int $i, \DateTimeImmutable $at, YearCase $earlier): YearCase
    {
        $story = $this->story(self::BAD === $earlier->batch ? self::TORN : $earlier->story->after) ?? $earlier->story;
        $since = self::A_YEAR * ($at->getTimestamp() - $earlier->out->getTimestamp()) / (365.25 * 86400);
        $signed = $at->modify('+'.$this->chance->getInt(2, 9).' days');

        return new YearCase(
            $i, $story, $earlier->customer, $earlier->machine, $earlier->model, $earlier->serial,
            $earlier->hours + $since, $since, $at, $signed, $signed->modify('+'.$this->chance->getInt(2, 15).' days'), $earlier, '',
        );
    }

    /** Seals of gear pumps come by the quarter; in the last one and a half years a batch came that tears. */
    private function batch(YearStory $story, float $left, \DateTimeImmutable $signed): string
    {
        return match (true) {
            'external-gear-pump' !== $story->family => '',
            $left < self::BAD_SINCE => self::BAD,
            default => 'K'.$signed->format('y').'-'.intdiv((int) $signed->format('n') - 1, 3),
        };
    }

    private function story(string $key): ?YearStory
    {
        foreach ($this->stories as $one) {
            if ($one->key === $key) {
                return $one;
            }
        }

        return null;
    }

    /** Between 0 and 1. */
    private function unit(): float
    {
        return $this->chance->getInt(1, 1_000_000) / 1_000_001;
    }

    private function life(float $shape, float $scale): float
    {
        return round($scale * (-log($this->unit())) ** (1 / $shape)) + 1;
    }

    /**
     * @template K of array-key
     *
     * @param non-empty-array<K, float|int> $weights
     *
     * @return K
     */
    private function pick(array $weights): int|string
    {
        $left = $this->unit() * array_sum($weights);
        foreach ($weights as $key => $weight) {
            $left -= $weight;
            if ($left < 0) {
                return $key;
            }
        }

        return array_key_last($weights);
    }
}
