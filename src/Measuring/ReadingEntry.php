<?php

declare(strict_types=1);

namespace App\Measuring;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Quantity\QuantityError;

/** What was typed into the fields of one reading, checked; what was typed is kept whatever is wrong with it. */
final readonly class ReadingEntry
{
    /**
     * @param list<string> $typed
     * @param array<string, string> $errors by `readings`, `zero`, `gauge`
     */
    private function __construct(public array $typed, public string $text, public string $zero, public ?Gauge $gauge, public string $note, public array $errors)
    {
    }

    public static function of(Field $field, string $text, string $zero, ?Gauge $gauge, string $note, Assessor $assessor): self
    {
        $errors = [];
        $typed = array_values(array_filter(array_map(trim(...), preg_split('/[;\n]/', $text) ?: []), static fn (string $one): bool => '' !== $one));
        if (mb_strlen($text) > 2000 || \count($typed) > 60) {
            return new self([], mb_substr($text, 0, 2000), $zero, $gauge, $note, ['readings' => 'That is more than 60 readings of one size; type those that count.']);
        }
        $typed = self::withUnits($typed);
        try {
            if ([] !== $typed) {
                $assessor->values($field, $typed);
            }
        } catch (QuantityError $error) {
            $errors['readings'] = $error->getMessage();
        }
        if (Method::Bracket === $field->method && [] !== $typed && 2 !== \count($typed)) {
            $errors['readings'] ??= 'A feeler pair is two values: the largest that goes; the smallest that does not.';
        }
        if (mb_strlen($zero) > 40) {
            $errors['zero'] = 'A zero check is one short value, such as 0.002 mm.';
        }
        if ([] === $errors && [] !== $typed) {
            $errors = self::judgeable($field, $typed, $zero, $gauge, $assessor);
        }

        return new self($typed, $text, $zero, $gauge, mb_substr($note, 0, 300), $errors);
    }

    /**
     * @param list<string> $typed
     *
     * @return array<string, string>
     */
    private static function judgeable(Field $field, array $typed, string $zero, ?Gauge $gauge, Assessor $assessor): array
    {
        if (Method::Reading === $field->method) {
            try {
                $assessor->gauging($field, $typed, $zero, '', '');
            } catch (QuantityError $error) {
                return ['zero' => $error->getMessage()];
            }
            try {
                $assessor->gauging($field, $typed, '', $gauge->resolution ?? '', $gauge->expanded ?? '');
            } catch (QuantityError) {
                return ['gauge' => 'This gauge does not measure a '.$field->dimension->value.'; choose another.'];
            }
        }
        try {
            $assessor->assess($field, $typed, $zero, $gauge->resolution ?? '', $gauge->expanded ?? '');
        } catch (\DomainException $error) {
            return ['readings' => $error->getMessage()];
        }

        return [];
    }

    /**
     * "26.001; 25.999 mm" means that both are millimetres: a unit typed later goes for those before it.
     *
     * @param list<string> $typed
     *
     * @return list<string>
     */
    private static function withUnits(array $typed): array
    {
        $unit = '';
        foreach (array_reverse(array_keys($typed)) as $i) {
            if (1 === preg_match('~^[\s+\-−]*[\d.,\s/½¼¾]+(?<unit>[^\d\s.,/].*)$~u', $typed[$i], $m)) {
                $unit = $m['unit'];
            } elseif ('' !== $unit) {
                $typed[$i] .= ' '.$unit;
            }
        }

        return array_values($typed);
    }
}
