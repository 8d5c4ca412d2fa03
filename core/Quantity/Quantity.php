<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/**
 * A value with its dimension, held in SI, that remembers how it was typed.
 *
 * Comparisons count a length within 1 nm, and anything else within 1e-9 relative, as equal.
 */
final readonly class Quantity
{
    private const NANOMETRE = 1e-9;
    private const RELATIVE = 1e-9;

    private function __construct(
        public Dimension $dimension,
        public float $si,
        public Unit $unit,
        private float $typedValue,
        public string $typedUnit,
    ) {
    }

    /** @throws \LogicException if the unit does not exist */
    public static function of(float $value, string $unit, Dimension $dimension): self
    {
        $found = Units::named($unit, $dimension);

        return new self($dimension, $found->toSi($value), $found, $value, $unit);
    }

    public static function si(float $si, Dimension $dimension): self
    {
        $unit = Units::of($dimension)[0];

        return new self($dimension, $si, $unit, $unit->fromSi($si), $unit->symbol());
    }

    /**
     * Reads what a person typed: `38.2mm`, `2.5 thou`, `1 1/2"`, `3000psi`, `92%`.
     *
     * @throws QuantityError saying what was expected
     */
    public static function parse(string $typed, Dimension $dimension): self
    {
        if (\strlen($typed) > 200) {
            throw QuantityError::tooLarge($typed);
        }
        $number = Number::read($typed, $dimension);
        if ('' === $number->rest && !$dimension->mayBeBare()) {
            throw QuantityError::unitMissing($typed, $dimension);
        }
        $unit = Units::find($number->rest, $dimension) ?? throw QuantityError::unitDoesNotFit($typed, $number->rest, $dimension);
        if ($number->isFraction && Dimension::Length !== $dimension && Dimension::Angle !== $dimension) {
            throw QuantityError::fraction($typed);
        }
        if (Dimension::Ratio === $dimension && '' === $number->rest && $number->value > 1.5) {
            throw QuantityError::bareRatio($typed);
        }
        $si = $unit->toSi($number->value);
        if (!is_finite($si) || abs($si) > 1e150) {
            throw QuantityError::tooLarge($typed);
        }

        return new self($dimension, $si, $unit, $number->value, $number->rest);
    }

    /**
     * All dimensions in which the typed text may be a quantity, the usual one first.
     *
     * @return list<Dimension>
     *
     * @throws QuantityError if there is none
     */
    public static function dimensionsOf(string $typed): array
    {
        // A length is the most forgiving of commas, so that the unit can be told whatever the number looks like.
        $unit = Number::read($typed, Dimension::Length)->rest;
        $likely = Units::dimensions($unit);
        if (1 === \count($likely) && Dimension::Number !== $likely[0]) {
            return $likely;
        }
        $fits = [];
        $refused = null;
        foreach ($likely as $dimension) {
            if (Dimension::TemperatureDifference === $dimension || Dimension::Number === $dimension) {
                continue;
            }
            try {
                self::parse($typed, $dimension);
                $fits[] = $dimension;
            } catch (QuantityError $error) {
                $refused ??= $error;
            }
        }
        if ([] === $fits) {
            throw match (true) {
                '' === $unit => QuantityError::unitMissing($typed, Dimension::Length),
                default => $refused ?? QuantityError::unknownUnit($typed),
            };
        }

        return $fits;
    }

    /** The value in a unit; exactly as typed if it was typed in that unit. */
    public function in(string $unit): float
    {
        $found = Units::named($unit, $this->dimension);

        return $found === $this->unit ? $this->typedValue : $found->fromSi($this->si);
    }

    /** The number as it was typed, in `typedUnit`. */
    public function typed(): float
    {
        return $this->typedValue;
    }

    public function isAtMost(self $other): bool
    {
        return $this->si <= $other->si || $this->equals($other);
    }

    public function isBelow(self $other): bool
    {
        return $this->si < $other->si && !$this->equals($other);
    }

    public function equals(self $other): bool
    {
        return self::same($this->si, $other->si, $this->dimension);
    }

    /** Whether two SI values of a dimension count as equal. */
    public static function same(float $a, float $b, Dimension $dimension): bool
    {
        return Dimension::Length === $dimension
            ? abs($a - $b) <= self::NANOMETRE * (1 + 1e-6)
            : abs($a - $b) <= self::RELATIVE * max(abs($a), abs($b));
    }

    public static function atMost(float $a, float $b, Dimension $dimension): bool
    {
        return $a <= $b || self::same($a, $b, $dimension);
    }
}
