<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\Units;

/** Readings and lengths added and taken from each other, at most divided by a number: `0.012 mm + plate/ring / 2`. */
final readonly class Expression
{
    /** @param list<array{int, string}> $terms sign and reference */
    private function __construct(private array $terms, private float $divisor)
    {
    }

    /** @throws \DomainException if it cannot be read */
    public static function of(string $text): self
    {
        $divisor = 1.0;
        if (1 === preg_match('~^(.*) / (\d+(?:\.\d+)?)$~', trim($text), $m)) {
            [$text, $divisor] = [$m[1], (float) $m[2]];
        }
        $parts = preg_split('/ ([+-]) /', trim($text), -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $terms = [];
        for ($i = 0; $i < \count($parts); $i += 2) {
            $reference = trim($parts[$i]);
            if (1 !== preg_match('~^(?:[a-z]+:[\w -]+|[a-z0-9-]+/[a-z0-9-]+|\d+(?:\.\d+)? (?:mm|in|um))$~', $reference)) {
                throw new \DomainException(\sprintf('"%s" cannot be read; expected readings as part/field, facts as case:displacement or lengths as 0.01 mm, joined by " + " or " - ", at the end perhaps " / 2".', $text));
            }
            $terms[] = [0 === $i || '+' === $parts[$i - 1] ? 1 : -1, $reference];
        }

        return $divisor > 0 ? new self($terms, $divisor) : throw new \DomainException('A divisor is above 0.');
    }

    /** @return list<string> */
    public function references(): array
    {
        return array_values(array_filter(array_map(static fn (array $term): string => $term[1], $this->terms), static fn (string $term): bool => !self::isLength($term)));
    }

    /** As one would type it; null while one of its readings is not known. */
    public function text(Sources $sources): ?string
    {
        $known = [];
        foreach ($this->terms as [, $reference]) {
            $one = self::isLength($reference) ? self::length($reference) : $sources->known($reference);
            if (null === $one) {
                return null;
            }
            $known[] = $one;
        }
        if (1 === \count($known) && 1.0 === $this->divisor && '' !== $known[0]->typed) {
            return $known[0]->typed;
        }
        $unit = $known[0]->unit;
        $sum = 0.0;
        foreach ($known as $i => $one) {
            $sum += $this->terms[$i][0] * $one->si;
        }
        // To a picometre where it is millimetres: no rounding that an uncertainty would notice, and no tail of digits.
        $number = number_format(Units::named($unit, $known[0]->dimension)->fromSi($sum / $this->divisor), 9, '.', '');

        return rtrim(rtrim($number, '0'), '.').' '.$unit;
    }

    private static function isLength(string $term): bool
    {
        return ctype_digit($term[0]) && str_contains($term, ' ');
    }

    private static function length(string $term): Known
    {
        $length = Quantity::parse($term, Dimension::Length);

        return new Known($length->si, 0.0, Dimension::Length, $length->typedUnit, 'the book');
    }
}
