<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Quantity\Units;

/**
 * Readings and lengths added and taken from each other, at most divided by a number: `0.012 mm + plate/ring / 2`. Of a
 * reading with several places it says what it takes: `largest(body/bore) - least(gear/tip-diameter) / 2`.
 */
final readonly class Expression
{
    /** @param non-empty-list<Term> $terms */
    private function __construct(private array $terms, private float $divisor)
    {
    }

    /** @throws ExpressionError if it cannot be read */
    public static function of(string $text): self
    {
        $divisor = 1.0;
        if (1 === preg_match('~^(.*) / (\d+(?:\.\d+)?)$~', trim($text), $m)) {
            [$text, $divisor] = [$m[1], (float) $m[2]];
        }
        $parts = preg_split('/ ([+-]) /', trim($text), -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [''];
        $terms = [];
        for ($i = 0; $i < \count($parts); $i += 2) {
            $terms[] = Term::of(0 === $i || '+' === $parts[$i - 1] ? 1 : -1, trim($parts[$i])) ?? throw ExpressionError::unreadable($text);
        }

        if ([] === $terms) {
            throw ExpressionError::empty();
        }

        return $divisor > 0 ? new self($terms, $divisor) : throw ExpressionError::divisor();
    }

    /** @return list<string> */
    public function references(): array
    {
        return array_map(static fn (Term $term): string => $term->reference, $this->readings());
    }

    /** @return list<Term> the terms that are readings or facts */
    public function readings(): array
    {
        return array_values(array_filter($this->terms, static fn (Term $term): bool => !$term->isLength()));
    }

    /** As one would type it; null while one of its readings is not known. */
    public function text(Sources $sources): ?string
    {
        $sum = 0.0;
        $first = null;
        foreach ($this->terms as $term) {
            $known = $term->known($sources);
            if (null === $known) {
                return null;
            }
            if (1 === \count($this->terms) && 1.0 === $this->divisor && '' !== $known->typed) {
                return $known->typed;
            }
            $first ??= $known;
            $sum += $term->sign * $known->take($term->take);
        }
        // To a picometre where it is millimetres: no rounding that an uncertainty would notice, and no tail of digits.
        $number = number_format(Units::named($first->unit, $first->dimension)->fromSi($sum / $this->divisor), 9, '.', '');

        return rtrim(rtrim($number, '0'), '.').' '.$first->unit;
    }
}
