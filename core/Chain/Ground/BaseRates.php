<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\OriginWords;
use Japhrex\Core\Chain\Mechanism\Vocabulary;

/**
 * How often each origin starts a failure: what the books say, moved by this shop's own closed cases. The book counts as much as a number of
 * cases (a Beta prior), so a few odd cases move little and many move much. What is narrower than the family (model, customer) is drawn
 * towards the family in the same way and moves it by its own ratio.
 */
final readonly class BaseRates
{
    /** The book weighs as much as so many closed cases, and the family as so many of one of its models. */
    public const BOOK = 20;

    /** A factor is told in steps of a quarter: what moves it less moves no answer. */
    private const STEP = 1.25;

    /**
     * @param array<string, float> $book origin => share by the book, of all origins together
     * @param list<RateLevel> $levels the family first, then what is narrower
     */
    private function __construct(public array $book, public array $levels)
    {
    }

    /** @param RateLevel ...$levels the family first, then what is narrower */
    public static function of(Vocabulary $vocabulary, RateLevel ...$levels): self
    {
        $book = array_map(static fn (OriginWords $origin): float => $origin->prior, $vocabulary->origins);
        $all = array_sum($book);

        return new self(array_map(static fn (float $rate): float => $rate / $all, $book), array_values($levels));
    }

    /** Share of an origin once the shop's cases of the family count too. */
    public function blend(string $origin): float
    {
        $book = $this->book[$origin] ?? 0.0;

        return [] === $this->levels ? $book : self::drawn($book, $this->levels[0], $origin);
    }

    /** By how much the base rate of an origin is moved by all of them. */
    public function factor(string $origin): float
    {
        $book = $this->book[$origin] ?? 0.0;
        if ($book <= 0.0) {
            return 1.0;
        }
        $factor = ($family = $this->blend($origin)) / $book;
        foreach (\array_slice($this->levels, 1) as $level) {
            $factor *= self::drawn($family, $level, $origin) / $family;
        }

        return $factor;
    }

    /** @return array<string, int> origin => its factor in steps; those that are not moved are left out */
    public function steps(): array
    {
        $steps = array_map(
            fn (string $origin): int => (int) round(log($this->factor($origin)) / log(self::STEP)),
            array_combine($keys = array_map(strval(...), array_keys($this->book)), $keys),
        );

        return array_filter($steps);
    }

    private static function drawn(float $towards, RateLevel $level, string $origin): float
    {
        return (self::BOOK * $towards + $level->count($origin)) / (self::BOOK + $level->cases);
    }
}
