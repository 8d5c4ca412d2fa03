<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** What somebody told, in a round number, beside what the arithmetic gives. */
final readonly class Claim
{
    /** What nobody means who tells a round number; guess. */
    private const CLOSE = 0.05;

    /**
     * @param Quantity $told as it was told
     * @param float $within how far off the round number may be meant, SI: half a step of its last digit
     * @param string $result the one that it is about
     * @param float $si what that is worked out to be
     */
    private function __construct(public Quantity $told, public float $within, public string $result, public float $si)
    {
    }

    /**
     * @param string $typed such as "about 5 L/min" or "a gallon"
     *
     * @throws FigureError if it cannot be read, or is about nothing that the figure gives
     */
    public static function of(string $typed, Outcome $outcome): self
    {
        $words = (string) preg_replace('/^\s*(?:about|around|roughly|some|nearly|almost|ca\.?)\s+/i', '', trim($typed));
        $words = (string) preg_replace('/^an?\s+/i', '1 ', $words);
        foreach ($outcome->results() as $name => $result) {
            if (null === $result->dimension || '' !== $result->per || 1 !== \count($result->si())) {
                continue;
            }
            try {
                $told = Quantity::parse($words, $result->dimension);
            } catch (QuantityError) {
                continue;
            }

            return new self($told, self::step($words) / 2 * abs($told->si / $told->typed()), $name, $result->si()[0]);
        }
        throw new FigureError(
            \sprintf('"%s" is nothing that this figure gives; expected a number with its unit, as what it works out.', $typed),
            'claim',
        );
    }

    public function agrees(): bool
    {
        return abs($this->told->si - $this->si) <= max($this->within, self::CLOSE * abs($this->si));
    }

    /** By which share it was told too high; below nought too low. */
    public function by(): float
    {
        return 0.0 === $this->si ? \INF : $this->told->si / $this->si - 1;
    }

    public function says(): string
    {
        return match (true) {
            $this->agrees() => 'What was told agrees with what is worked out, as far as it was told.',
            0.0 === $this->si => 'What was told cannot be: nothing is worked out.',
            default => \sprintf(
                'What was told is %.0f %% %s than what is worked out.',
                abs($this->by()) * 100,
                $this->by() > 0 ? 'more' : 'less',
            ),
        };
    }

    /** The step of its last digit that says something: 0.1 of "4.5", 10 of "20". */
    private static function step(string $words): float
    {
        if (1 === preg_match('/^[\d ]*[.,](\d+)/', $words, $found)) {
            return 10 ** -\strlen($found[1]);
        }
        preg_match('/^\d*?(0*)(?:\D|$)/', $words, $found);

        return 10 ** \strlen($found[1] ?? '');
    }
}
