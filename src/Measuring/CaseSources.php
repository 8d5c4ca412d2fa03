<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Figure\Fill\Derived;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Quantity\BareNumber;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/**
 * What a case knows: its readings (`part/field`), sizes worked out from them, the facts of its unit
 * (`case:displacement`) and of its model in the book (`model:teeth`).
 */
final class CaseSources implements Sources
{
    /** @var array<string, Known|null> by reference; null while it is being looked up, so that nothing hangs on itself */
    private array $known = [];

    /** @var array<string, Derived> */
    private array $derived = [];

    /** @param array<string, array<string, Reading>> $readings by part and field */
    public function __construct(
        private readonly CaseFile $case,
        private readonly Book $book,
        private readonly array $readings,
        private readonly Assessor $assessor,
        private readonly Filler $filler,
    ) {
    }

    public function known(string $reference): ?Known
    {
        if (!\array_key_exists($reference, $this->known)) {
            $this->known[$reference] = null;
            $this->known[$reference] = match (true) {
                str_starts_with($reference, 'case:') => $this->ofTheCase(substr($reference, 5)),
                str_starts_with($reference, 'model:') => $this->ofTheModel(substr($reference, 6)),
                default => $this->size($reference),
            };
        }

        return $this->known[$reference];
    }

    /** The size that a field's figure makes of other readings; null where it has none. */
    public function derived(string $reference): ?Derived
    {
        $fill = $this->book->field($reference)?->from;

        return null === $fill ? null : $this->derived[$reference] ??= $this->filler->derive($fill, $this);
    }

    private function size(string $reference): ?Known
    {
        $field = $this->book->field($reference);
        if (null === $field) {
            return null;
        }
        [$part, $key] = explode('/', $reference);
        $reading = $this->readings[$part][$key] ?? null;
        $readings = null === $reading ? null : $this->assessor->readings($field, $reading);
        if (null !== $readings) {
            return Known::at(
                $readings->sizes(),
                self::worst($field, $readings->sizes()),
                $readings->unread(),
                $field->dimension,
                $readings->at[0]->values[0]->typedUnit,
                $this->book->fieldName($reference),
            );
        }
        $derived = $this->derived($reference);

        return null === $derived || [] === $derived->at
            ? null
            : Known::at(
                $derived->at,
                self::worst($field, $derived->at),
                $derived->unread,
                $field->dimension,
                'mm',
                $this->book->fieldName($reference),
            );
    }

    /** @param non-empty-list<PlaceSize> $at */
    private static function worst(Field $field, array $at): int
    {
        $limits = $field->limits();
        $rooms = array_map(static fn (PlaceSize $one): float => $limits?->room($one->size->x) ?? 0.0, $at);

        return (int) array_search(min($rooms), $rooms, true);
    }

    private function ofTheCase(string $fact): ?Known
    {
        return match ($fact) {
            'displacement' => self::fact(
                $this->case->displacement,
                $this->case->isFromBook($fact) ? 'Displacement, from the book' : 'Displacement, as taken in',
            ),
            default => null,
        };
    }

    private function ofTheModel(string $fact): ?Known
    {
        $model = $this->book->model($this->case->maker.' '.$this->case->model);

        return null === $model ? null : self::fact($model->facts[$fact] ?? '', 'The book on '.$model->name().', '.$fact);
    }

    private static function fact(string $typed, string $name): ?Known
    {
        if ('' === trim($typed)) {
            return null;
        }
        if (null !== $number = BareNumber::of($typed)) {
            return new Known($number, 0.0, Dimension::Number, '', $name, $typed);
        }
        $quantity = Quantity::parse($typed, Quantity::dimensionsOf($typed)[0]);

        return new Known($quantity->si, 0.0, $quantity->dimension, $quantity->typedUnit, $name, $typed);
    }
}
