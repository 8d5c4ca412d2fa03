<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Quantity\Units;
use Japhrex\Core\Repair\BoundByLimits;
use Japhrex\Core\Repair\JudgedField;

/**
 * `japhrex judge …` without its terminal: the verdict of a field of a book on readings, as the application would give it.
 *
 * @phpstan-type Judged array{
 *     verdict: string, place: string, places: list<array{place: string, value: float, unit: string, verdict: string}>,
 *     unread: list<string>, worst: array{value: float, unit: string}|null, 'wear-used': float|null,
 *     form: array<string, mixed>|null, rebuild: string, decisions: array{'needs-reason': list<string>, refused: list<string>},
 *     notes: list<string>,
 * }
 */
final readonly class JudgeCommand
{
    /** What may be asked, and in which words. */
    public const KEYS = ['book', 'field', 'readings', 'expanded', 'resolution', 'zero', 'type', 'duty'];

    /**
     * @param \Closure(string): (array<string, Book>|null) $shelf the books of a file's key, by their own keys; null: there is no such file
     */
    public function __construct(private \Closure $shelf)
    {
    }

    /**
     * @param array<string, string> $asked by KEYS
     *
     * @return Judged
     *
     * @throws JudgeError naming the key at fault
     */
    public function answer(array $asked): array
    {
        foreach (['book', 'field', 'readings'] as $key) {
            '' !== trim($asked[$key] ?? '') || throw new JudgeError(\sprintf('%s is missing; expected --%1$s.', $key), $key);
        }
        $book = $this->book($asked);
        $field = $book->field($asked['field']) ?? throw new JudgeError(
            \sprintf(
                '%s has no reading "%s"; expected part/field, one of %s.',
                $book->key,
                $asked['field'],
                implode(', ', $this->near($book, $asked['field'])),
            ),
            'field',
        );
        $duty = $asked['duty'] ?? '';
        if ('' !== $duty && !isset($book->duties[$duty])) {
            throw new JudgeError(
                \sprintf(
                    '%s has no duty "%s"; expected %s.',
                    $book->key,
                    $duty,
                    [] === $book->duties ? 'none' : implode(', ', array_keys($book->duties)),
                ),
                'duty',
            );
        }
        $readings = $this->readings($field, $asked);
        $limits = $field->limits($duty);
        if (null === $limits) {
            return $this->withoutLimit($readings);
        }
        $judged = $readings->judge($limits);
        $rebuild = null === $field->rebuild ? null : $readings->judge($field->rebuild);

        return [
            'verdict' => $judged->verdict->value,
            'place' => $judged->worst->place,
            'places' => array_map(
                static fn (JudgedPlace $one): array => ['place' => $one->place] + self::size($one->assessment->mean, $readings) + [
                    'verdict' => $one->assessment->verdict->value,
                ],
                $judged->places,
            ),
            'unread' => $judged->unread,
            'worst' => self::size($judged->atWorst()->mean, $readings),
            'wear-used' => $judged->wearUsed,
            'form' => $this->form($readings),
            'rebuild' => null === $rebuild ? $judged->verdict->value : $rebuild->verdict->value,
            'decisions' => $this->decisions($book, $asked['field'], $readings, $judged, $rebuild),
            'notes' => $judged->notes(),
        ];
    }

    /**
     * The answer for a reader.
     *
     * @param array<string, mixed> $answer
     */
    public static function told(array $answer): string
    {
        $text = '';
        foreach ($answer as $name => $value) {
            $text .= \sprintf(
                "  %-12s %s\n",
                $name,
                \is_scalar($value) || null === $value
                    ? (string) ($value ?? '–')
                    : json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES),
            );
        }

        return $text;
    }

    /** @param array<string, string> $asked */
    private function book(array $asked): Book
    {
        $books = (1 === preg_match('/^[a-z0-9-]+$/', $asked['book']) ? ($this->shelf)($asked['book']) : null) ?? throw new JudgeError(
            \sprintf('There is no book "%s"; ./japhrex book depth lists them.', $asked['book']),
            'book',
        );
        $type = $asked['type'] ?? '';
        if ('' === $type && 1 === \count($books)) {
            return reset($books);
        }
        $types = array_map(
            static fn (string $key): string => str_starts_with($key, $asked['book'].'-') ? substr($key, \strlen($asked['book']) + 1) : $key,
            array_keys($books),
        );

        return $books[$asked['book'].'-'.$type] ?? throw new JudgeError(
            '' === $type
                ? \sprintf('%s has several types; expected --type %s.', $asked['book'], implode(' or ', $types))
                : \sprintf(
                    '%s has no type "%s"%s.',
                    $asked['book'],
                    $type,
                    1 === \count($books) ? '' : '; expected '.implode(' or ', $types),
                ),
            'type',
        );
    }

    /** @param array<string, string> $asked */
    private function readings(Field $field, array $asked): FieldReadings
    {
        $typed = $places = [];
        foreach (explode(';', $asked['readings']) as $i => $at) {
            foreach (explode('|', $at) as $one) {
                if ('' === trim($one)) {
                    continue;
                }
                if ([] !== $field->places && $i >= \count($field->places)) {
                    throw new JudgeError(
                        \sprintf(
                            '%s has %d places (%s); repeats at one place are parted by |.',
                            $field->name,
                            \count($field->places),
                            implode(', ', $field->places),
                        ),
                        'readings',
                    );
                }
                $typed[] = trim($one);
                $places[] = $field->places[$i] ?? '';
            }
        }
        try {
            FieldReadings::typed($field, $typed, $places);
        } catch (QuantityError|\DomainException $error) {
            throw new JudgeError($error->getMessage(), 'readings');
        }
        $given = [];
        foreach (['zero', 'resolution', 'expanded'] as $key) {
            $given[$key] = $asked[$key] ?? '';
            if (Method::Bracket === $field->method && '' !== $given[$key]) {
                throw new JudgeError('A feeler has no '.$key.': its doubt is the pair itself.', $key);
            }
            try {
                FieldReadings::typed($field, $typed, $places, ...[$key => $given[$key]]);
            } catch (\DomainException $error) {
                throw new JudgeError($error->getMessage(), $key);
            }
        }

        return FieldReadings::typed($field, $typed, $places, $given['zero'], $given['resolution'], $given['expanded']);
    }

    /** @return array{value: float, unit: string} lengths in mm, else in the unit of the first value typed */
    private static function size(float $si, FieldReadings $readings): array
    {
        $typed = $readings->at[0]->values[0];
        $unit = Dimension::Length === $typed->dimension ? Units::of(Dimension::Length)[0] : $typed->unit;

        return ['value' => $unit->fromSi($si), 'unit' => Dimension::Length === $typed->dimension ? $unit->symbol() : $typed->typedUnit];
    }

    /**
     * No limit known: none is invented, the verdict stays open.
     *
     * @return Judged
     */
    private function withoutLimit(FieldReadings $readings): array
    {
        return [
            'verdict' => LimitVerdict::Open->value, 'place' => '',
            'places' => array_map(
                static fn (PlaceSize $one): array => ['place' => $one->place] + self::size($one->size->x, $readings) + [
                    'verdict' => LimitVerdict::Open->value,
                ],
                $readings->sizes(),
            ),
            'unread' => $readings->unread(), 'worst' => null, 'wear-used' => null, 'form' => $this->form($readings),
            'rebuild' => LimitVerdict::Open->value,
            'decisions' => ['needs-reason' => [], 'refused' => []], 'notes' => ['No limit is known. '.$readings->field->whyNoLimit],
        ];
    }

    /** @return array<string, mixed>|null */
    private function form(FieldReadings $readings): ?array
    {
        $form = $readings->form();
        if (null === $form) {
            return null;
        }
        $dimension = $readings->field->dimension->difference();
        $unit = Units::of($dimension)[0];
        $size = static fn (float $si): array => ['value' => $unit->fromSi($si), 'unit' => $unit->symbol()];

        return ['range' => $size($form->form->range()), $form->name => $size($form->spread), 'u' => $size($form->u)]
            + (null === $form->taper ? [] : ['taper' => ['value' => $form->taper, 'unit' => '']])
            + (null === $form->judged ? [] : ['limit' => $size($form->judged->limits->high()), 'verdict' => $form->judged->verdict->value]);
    }

    /** @return array{needs-reason: list<string>, refused: list<string>} */
    private function decisions(
        Book $book,
        string $reference,
        FieldReadings $readings,
        FieldAssessment $judged,
        ?FieldAssessment $rebuild,
    ): array {
        $part = $book->parts[explode('/', $reference)[0]];
        $bound = BoundByLimits::of(
            $part,
            [new JudgedField($readings->field, $judged, $rebuild, $readings->form()?->judged)],
        );

        return [
            'needs-reason' => array_map(static fn (Disposition $one): string => $one->value, $bound->needsReason()),
            'refused' => array_map(static fn (Disposition $one): string => $one->value, $bound->refused()),
        ];
    }

    /** @return list<string> readings of the part that was meant, or of all */
    private function near(Book $book, string $reference): array
    {
        $part = $book->parts[explode('/', $reference)[0]] ?? null;
        $all = [];
        foreach (null === $part ? $book->parts : [$part] as $one) {
            foreach (array_keys($one->fields) as $key) {
                $all[] = $one->key.'/'.$key;
            }
        }

        return \array_slice($all, 0, 12);
    }
}
