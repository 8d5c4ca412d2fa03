<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Measuring\BracketVerdict;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\FormSpread;
use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Measuring\Scatter;
use Japhrex\Core\Quantity\Quantity;

/** What was read of a field, place by place. */
final readonly class FieldReadings
{
    /**
     * @param non-empty-list<PlaceReadings> $at in the order of the book; what nobody told the place of comes last
     * @param Gauging|null $gauging null for feelers, whose doubt is the pair itself
     */
    private function __construct(public Field $field, public array $at, public ?Gauging $gauging)
    {
    }

    /**
     * @param list<string> $typed values with their unit; for a feeler pairs such as `0.05 mm..0.08 mm`, or one pair as two values
     * @param list<string> $places where each was taken, beside `typed`; empty: no places were named
     * @param string $zero what the gauge showed on zero; empty: not checked
     * @param string $resolution of the gauge; empty: the step of the typed figures
     * @param string $expanded U (k = 2) of the gauge; empty: not known
     *
     * @throws \Japhrex\Core\Quantity\QuantityError naming what cannot be read
     * @throws ReadingError if there is no reading, or a feeler is no pair
     */
    public static function typed(
        Field $field,
        array $typed,
        array $places = [],
        string $zero = '',
        string $resolution = '',
        string $expanded = '',
    ): self {
        if ([] === $typed) {
            throw ReadingError::nothing();
        }
        if (Method::Bracket === $field->method) {
            return new self($field, self::inOrder($field, self::pairs($field, $typed, $places)), null);
        }
        $read = [];
        foreach ($typed as $i => $text) {
            $read[$field->placeOf($places[$i] ?? '')][] = Quantity::parse($text, $field->dimension);
        }
        $at = [];
        foreach ($read as $place => $values) {
            if (PlaceReadings::isNotTold((string) $place)) {
                // Where nobody told the places, nobody can say which of them are repeats.
                array_push(
                    $at,
                    ...array_map(static fn (Quantity $one): PlaceReadings => new PlaceReadings((string) $place, [$one]), $values),
                );
            } else {
                $at[] = new PlaceReadings((string) $place, $values);
            }
        }
        $difference = $field->dimension->difference();
        $quantity = static fn (string $text): ?Quantity => '' === trim($text) ? null : Quantity::parse($text, $difference);

        // Without a gauge the steps of the typed figures are all that is known of its resolution.
        return new self(
            $field,
            self::inOrder($field, $at),
            new Gauging($quantity($resolution) ?? Gauging::stepOf($typed, $field->dimension), $quantity($expanded), $quantity($zero)),
        );
    }

    /** @return list<string> places of the book that were not read */
    public function unread(): array
    {
        $unread = array_values(
            array_diff($this->field->positions(), array_map(static fn (PlaceReadings $one): string => $one->place, $this->at))
        );
        $notTold = \count(array_filter($this->at, static fn (PlaceReadings $one): bool => PlaceReadings::isNotTold($one->place)));

        // Readings whose places nobody told stand for as many of them; which are left nobody can say.
        return match (true) {
            0 === $notTold => $unread,
            $notTold >= \count($unread) => [],
            default => [\sprintf('%d more of %s', \count($unread) - $notTold, FieldAssessment::listed($unread))],
        };
    }

    /** @return non-empty-list<PlaceSize> what is known of the size at each place */
    public function sizes(): array
    {
        $scatter = $this->scatter();

        return array_map(fn (PlaceReadings $one): PlaceSize => new PlaceSize($one->place, null === $this->gauging
            ? (new BracketVerdict())->size(...$one->pair())
            : (new ReadingVerdict())->size($one->values, $this->gauging, $scatter)), $this->at);
    }

    /** Each place judged alone against the limits. */
    public function judge(Limits $limits): FieldAssessment
    {
        $scatter = $this->scatter();

        return new FieldAssessment(array_map(fn (PlaceReadings $one): JudgedPlace => new JudgedPlace($one->place, null === $this->gauging
            ? (new BracketVerdict())->judge(...[...$one->pair(), $limits])
            : (new ReadingVerdict())->judge($one->values, $limits, $this->gauging, $scatter)), $this->at), $this->unread());
    }

    /** The shape that sizes at several places make; null for one place, and for feelers. */
    public function form(): ?FormSpread
    {
        return null === $this->gauging || [] === $this->field->positions() ? null : FormSpread::of(
            array_map(static fn (PlaceReadings $one): array => $one->values, $this->at),
            $this->field->spreadName(),
            $this->gauging,
            FormKind::Along === $this->field->form ? $this->field->formLength : null,
            $this->field->formMost,
        );
    }

    private function scatter(): Scatter
    {
        return Scatter::of(array_map(static fn (PlaceReadings $one): array => $one->values, $this->at));
    }

    /**
     * @param non-empty-list<string> $typed
     * @param list<string> $places
     *
     * @return non-empty-list<PlaceReadings>
     */
    private static function pairs(Field $field, array $typed, array $places): array
    {
        $two = \count($typed) > 1 && [] === array_filter($typed, static fn (string $text): bool => str_contains($text, '..'));
        if ($two && 2 !== \count($typed)) {
            throw ReadingError::noPair();
        }
        // A pair typed as two values was kept without its place.
        [$typed, $places] = $two ? [[$typed[0].'..'.$typed[1]], ['']] : [$typed, $places];
        $pairs = [];
        foreach ($typed as $i => $text) {
            $ends = explode('..', $text);
            if (2 !== \count($ends) || '' === trim($ends[0]) || '' === trim($ends[1])) {
                throw ReadingError::halfAPair($text);
            }
            // "0.05..0.08 mm": the unit typed last goes for both.
            if (1 === preg_match('~^[\d.,\s]+$~', $ends[0]) && 1 === preg_match('~[^\d.,\s].*$~', trim($ends[1]), $unit)) {
                $ends[0] .= ' '.$unit[0];
            }
            [$passes, $stops] = array_map(static fn (string $end): Quantity => Quantity::parse(trim($end), $field->dimension), $ends);
            (new BracketVerdict())->size($passes, $stops);
            $pairs[] = new PlaceReadings($field->placeOf($places[$i] ?? ''), [$passes, $stops]);
        }

        return $pairs;
    }

    /**
     * @param non-empty-list<PlaceReadings> $at
     *
     * @return non-empty-list<PlaceReadings>
     */
    private static function inOrder(Field $field, array $at): array
    {
        $order = static fn (PlaceReadings $one): int => (int) (
            ($found = array_search($one->place, $field->places, true)) === false ? \count($field->places) : $found
        );
        usort($at, static fn (PlaceReadings $a, PlaceReadings $b): int => $order($a) <=> $order($b));

        return $at;
    }
}
