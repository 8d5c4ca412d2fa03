<?php

declare(strict_types=1);

namespace App\Measuring;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FieldReadings;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Quantity\UnitSystem;

/** What was typed into the fields of one reading, checked; what was typed is kept whatever is wrong with it. */
final readonly class ReadingEntry
{
    /** Units that numbers without one may be given in. */
    public const UNITS = ['mm', 'in', 'thou'];

    /**
     * @param list<string> $typed
     * @param list<string> $places where each was taken; empty: no places were named
     * @param list<string> $texts as typed, blank ones in their place
     * @param array<string, string> $errors by `readings`, `zero`, `gauge`
     */
    private function __construct(
        public array $typed,
        public array $places,
        public array $texts,
        public string $zero,
        public ?Gauge $gauge,
        public string $note,
        public array $errors,
    ) {
    }

    /**
     * @param list<string> $texts one for each place of the field, what has no place after them; or one with readings parted by semicolons
     * @param string $unit of lengths typed without one, as the bench has chosen it; empty: none is chosen
     * @param UnitSystem|null $reads in which units who types reads the book's sizes; null: then each number needs its unit
     */
    public static function of(
        Field $field,
        array $texts,
        string $zero,
        ?Gauge $gauge,
        string $note,
        string $unit = '',
        ?UnitSystem $reads = null,
    ): self {
        $errors = [];
        $typed = $places = [];
        foreach ($texts as $i => $text) {
            foreach (preg_split('/[;\n]/', $text) ?: [] as $one) {
                if ('' !== trim($one)) {
                    $typed[] = trim($one);
                    $places[] = \count($texts) > 1 ? $field->places[$i] ?? '' : '';
                }
            }
        }
        if (mb_strlen(implode('', $texts)) > 2000 || \count($typed) > 60) {
            return new self(
                [],
                [],
                array_map(static fn (string $text): string => mb_substr($text, 0, 2000), $texts),
                $zero,
                $gauge,
                $note,
                ['readings' => 'That is more than 60 readings of one size; type those that count.'],
            );
        }
        if (1 === \count($texts) && 1 === \count($field->positions())) {
            $places = array_map(static fn (): string => $field->positions()[0], $typed);
        }
        $places = [] === array_filter($places) ? [] : $places;
        $unit = self::bare($field, $unit, $reads);
        $typed = self::withUnits($typed, $unit);
        $zero = self::withUnits([$zero], $unit)[0];
        if (mb_strlen($zero) > 40) {
            $errors['zero'] = 'A zero check is one short value, such as 0.002 mm.';
        }
        if ([] === $errors && [] !== $typed) {
            $errors = self::judgeable($field, $typed, $places, $zero, $gauge);
        }

        return new self($typed, $places, $texts, $zero, $gauge, mb_substr($note, 0, 300), $errors);
    }

    /**
     * @param list<string> $typed
     * @param list<string> $places
     *
     * @return array<string, string>
     */
    private static function judgeable(Field $field, array $typed, array $places, string $zero, ?Gauge $gauge): array
    {
        try {
            $readings = FieldReadings::typed($field, $typed, $places);
        } catch (\DomainException $error) {
            return ['readings' => $error->getMessage()];
        }
        if (null !== $readings->gauging) {
            try {
                FieldReadings::typed($field, $typed, $places, $zero);
            } catch (QuantityError $error) {
                return ['zero' => $error->getMessage()];
            }
            try {
                FieldReadings::typed($field, $typed, $places, '', $gauge->resolution ?? '', $gauge->expanded ?? '');
            } catch (\DomainException) {
                return ['gauge' => 'This gauge does not measure a '.$field->dimension->value.'; choose another.'];
            }
        }

        return [];
    }

    /**
     * "26.001; 25.999 mm" means that both are millimetres: a unit typed later goes for those before it; the last
     * ones without any take the unit of the sheet.
     *
     * @param non-empty-list<string>|list<string> $typed
     *
     * @return ($typed is non-empty-list<string> ? non-empty-list<string> : list<string>)
     */
    private static function withUnits(array $typed, string $unit): array
    {
        foreach (array_reverse(array_keys($typed)) as $i) {
            if (1 === preg_match('~[\d.,\s/½¼¾](?<unit>[^\d\s.,/][^.]*)$~u', $typed[$i], $m)) {
                $unit = $m['unit'];
            } elseif ('' !== $unit && '' !== trim($typed[$i])) {
                $typed[$i] .= ' '.$unit;
            }
        }

        return array_values($typed);
    }

    /** @return string in which unit a number without one is meant in a field; empty: it needs its unit */
    public static function bare(Field $field, string $chosen, ?UnitSystem $reads): string
    {
        if ('' !== $chosen && Dimension::Length === $field->dimension) {
            return $chosen;
        }
        $limits = array_values($field->sets)[0]->limits ?? null;
        $given = $limits->new ?? $limits->min ?? $limits->max ?? null;

        return null === $given || null === $reads ? '' : $reads->meansBeside($given);
    }

    /** @return string the unit of bare numbers that a bench has chosen; empty: each number needs its own */
    public static function unit(string $chosen): string
    {
        return \in_array($chosen, self::UNITS, true) ? $chosen : '';
    }
}
