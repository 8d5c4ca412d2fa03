<?php

declare(strict_types=1);

namespace App\Measuring;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\BracketVerdict;
use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Judges the readings of a field with the core's rules. */
final readonly class Assessor
{
    /** Null when there is no limit or no reading: then the verdict stays open. */
    public function of(Field $field, Reading $reading, ?Limits $limits): ?Assessment
    {
        return $this->assess($field, $reading->typed, $reading->zero, $reading->gaugeResolution, $reading->gaugeExpanded, $limits);
    }

    /**
     * @param list<string> $typed
     *
     * @throws \DomainException saying what cannot be judged
     */
    public function assess(Field $field, array $typed, string $zero, string $resolution, string $expanded, ?Limits $limits): ?Assessment
    {
        if (null === $limits || [] === $typed) {
            return null;
        }
        $values = $this->values($field, $typed);
        if (Method::Bracket === $field->method) {
            return 2 === \count($values) ? (new BracketVerdict())->judge($values[0], $values[1], $limits) : null;
        }

        return (new ReadingVerdict())->judge($values, $limits, $this->gauging($field, $typed, $zero, $resolution, $expanded));
    }

    /** What a reading says of its size, with or without limits; null for half a feeler pair. */
    public function size(Field $field, Reading $reading): ?Size
    {
        $values = $this->values($field, $reading->typed);
        if (Method::Bracket === $field->method) {
            return 2 === \count($values) ? (new BracketVerdict())->size($values[0], $values[1]) : null;
        }

        return (new ReadingVerdict())->size($values, $this->gauging($field, $reading->typed, $reading->zero, $reading->gaugeResolution, $reading->gaugeExpanded));
    }

    /**
     * @param list<string> $typed
     *
     * @return non-empty-list<Quantity>
     *
     * @throws \Japhrex\Core\Quantity\QuantityError naming what cannot be read
     * @throws \DomainException if nothing was typed
     */
    public function values(Field $field, array $typed): array
    {
        $values = array_map(static fn (string $text): Quantity => Quantity::parse($text, $field->dimension), $typed);

        return [] === $values ? throw new \DomainException('No reading was typed.') : array_values($values);
    }

    /**
     * @param list<string> $typed
     *
     * @throws \Japhrex\Core\Quantity\QuantityError if the zero or the gauge is of another dimension
     */
    public function gauging(Field $field, array $typed, string $zero, string $resolution, string $expanded): Gauging
    {
        $difference = $field->dimension->difference();
        $parse = static fn (string $text): ?Quantity => '' === trim($text) ? null : Quantity::parse($text, $difference);

        // Without a gauge the steps of the typed figures are all that is known of its resolution.
        $step = '' === $resolution ? Gauging::stepOf($typed, $field->dimension) : Quantity::parse($resolution, $difference);

        return new Gauging($step, $parse($expanded), $parse($zero));
    }
}
