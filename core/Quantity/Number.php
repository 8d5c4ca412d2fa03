<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** The number at the head of what was typed, and what follows it. */
final readonly class Number
{
    private function __construct(public float $value, public string $rest, public bool $isFraction = false)
    {
    }

    /**
     * @throws QuantityError if there is no number, it cannot be read in one way only, or it is beyond a double
     */
    public static function read(string $typed, Dimension $dimension): self
    {
        // What is typed most, a plain number with its unit, needs no second look.
        if (1 === preg_match('~^\s*([+-]?\d{1,15}(?:\.\d{1,15})?)\s*((?![eE][+-]?\d)[a-zA-Z%"][^,]*)?$~D', $typed, $m)) {
            return new self((float) $m[1], rtrim($m[2] ?? ''));
        }
        $text = trim(strtr($typed, ['−' => '-', "\u{a0}" => ' ', "\u{202f}" => ' ', '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4']));
        if ('' === $text) {
            throw QuantityError::empty($dimension);
        }
        if (1 === preg_match('~^([+-]?)(?:(\d{1,9})[\s-]+)?(\d{1,9})\s*[/⁄]\s*(\d{1,9})(?!\d)\s*(.*)$~us', $text, $m)) {
            return self::fraction($m, $typed);
        }
        if (1 !== preg_match('~^([+-]?)((?:\d[\d.,]*|[.,]\d[\d.,]*))(?:[eE]([+-]?\d{1,4}))?(.*)$~us', $text, $m)) {
            throw QuantityError::notANumber($typed, $dimension);
        }
        $digits = self::decimal($m[2], $typed, $dimension);
        $value = (float) ($m[1].$digits.('' !== $m[3] ? 'e'.$m[3] : ''));
        if (!is_finite($value) || (0.0 === $value && false !== strpbrk($digits, '123456789'))) {
            throw QuantityError::tooLarge($typed);
        }

        return new self($value, trim($m[4]));
    }

    /** @param array<int, string> $m */
    private static function fraction(array $m, string $typed): self
    {
        if (0 === (int) $m[4]) {
            throw QuantityError::fraction($typed);
        }
        $value = (float) $m[2] + (float) $m[3] / (float) $m[4];

        return new self('-' === $m[1] ? -$value : $value, trim($m[5]), true);
    }

    /** Takes a decimal comma where it can be nothing else. */
    private static function decimal(string $digits, string $typed, Dimension $dimension): string
    {
        $commas = substr_count($digits, ',');
        $points = substr_count($digits, '.');
        if ($commas + $points > 1) {
            throw QuantityError::ambiguousComma($typed);
        }
        if (1 === $commas) {
            [$whole, $decimals] = explode(',', $digits);
            if (3 === \strlen($decimals) && 0 !== (int) $whole && Dimension::Length !== $dimension) {
                throw QuantityError::ambiguousComma($typed);
            }
        }

        return strtr($digits, ',', '.');
    }
}
