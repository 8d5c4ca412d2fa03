<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Reads what was typed for the keys of a figure. */
final readonly class InputReader
{
    private const MOST_ITEMS = 100000;

    public function __construct(private Figure $figure)
    {
    }

    /**
     * @param array<string, string> $typed key => value, in the order typed
     *
     * @throws FigureError naming the key that is unknown, missing, unreadable or out of range
     */
    public function read(array $typed): Inputs
    {
        $keys = $this->keysFor($typed);
        [$open, $known] = $this->openDimension($keys, $typed);
        $values = [];
        $echo = [];
        foreach ($keys as $key) {
            $text = $typed[$key->name] ?? $key->default;
            if (null === $text) {
                continue;
            }
            [$values[$key->name], $said] = $known[$key->name] ?? $this->value($key, $text, $open);
            if (isset($typed[$key->name])) {
                $echo[$key->name] = $said;
            }
        }

        return new Inputs($values, $echo, $open, $this->answerUnit($open, $known, $typed));
    }

    /**
     * @param array<string, string> $typed
     *
     * @return list<Key>
     */
    private function keysFor(array $typed): array
    {
        $keys = $this->figure->keys();
        $names = array_map(static fn (Key $key): string => $key->name, $keys);
        foreach (array_keys($typed) as $name) {
            if (!\in_array($name, $names, true)) {
                throw new FigureError(\sprintf('"%s" is no key of %s; it takes %s.', $name, $this->figure->name(), implode(', ', $names)), $name);
            }
        }
        foreach ($keys as $key) {
            if ($key->isRequired() && !isset($typed[$key->name])) {
                throw new FigureError(\sprintf('%s is missing: %s (%s).', $key->name, $key->meaning, $key->takes()), $key->name);
            }
        }

        return $keys;
    }

    /**
     * The one dimension in which everything typed for the open keys makes sense, and what they are then.
     *
     * @param list<Key> $keys
     * @param array<string, string> $typed
     *
     * @return array{Dimension|null, array<string, array{Quantity|string|list<Quantity>|list<array{string, Quantity}>, mixed}>}
     */
    private function openDimension(array $keys, array $typed): array
    {
        $open = array_values(array_filter($keys, static fn (Key $key): bool => $key->kind->isOpen() && isset($typed[$key->name])));
        if ([] === $open) {
            return [null, []];
        }
        $first = $open[0];
        try {
            $candidates = Quantity::dimensionsOf($this->item($this->items($first, $typed[$first->name])[0])[0]);
        } catch (QuantityError $error) {
            throw new FigureError($first->name.': '.$error->getMessage(), $first->name);
        }
        $refused = null;
        foreach ($candidates as $dimension) {
            try {
                $known = [];
                foreach ($open as $key) {
                    $known[$key->name] = $this->value($key, $typed[$key->name], $dimension);
                }

                return [$dimension, $known];
            } catch (FigureError $error) {
                $refused ??= $error;
            }
        }
        throw $refused ?? new FigureError('No readings were typed.', $first->name);
    }

    /**
     * Millimetres for a length, else the unit of the first value typed.
     *
     * @param array<string, array{Quantity|string|list<Quantity>|list<array{string, Quantity}>, mixed}> $known
     * @param array<string, string> $typed
     */
    private function answerUnit(?Dimension $dimension, array $known, array $typed): string
    {
        if (null === $dimension || Dimension::Length === $dimension) {
            return 'mm';
        }
        foreach (array_keys($typed) as $name) {
            $value = $known[$name][0] ?? null;
            $quantity = \is_array($value) ? $value[0] ?? null : $value;
            if ($quantity instanceof Quantity) {
                return $quantity->typedUnit;
            }
        }

        return '';
    }

    /** @return array{Quantity|string|list<Quantity>|list<array{string, Quantity}>, mixed} the value, and how it is echoed */
    private function value(Key $key, string $text, ?Dimension $open): array
    {
        try {
            return match ($key->kind) {
                KeyKind::Quantity => $this->one($key, $text, $key->dimension),
                KeyKind::Any => $this->one($key, $text, $open ?? $key->dimension),
                KeyKind::AnyDifference => $this->one($key, $text, ($open ?? $key->dimension)->difference()),
                KeyKind::AnyList, KeyKind::Places => $this->many($key, $text, $open ?? $key->dimension),
                KeyKind::Count => $this->count($key, $text),
                KeyKind::Choice => $this->choice($key, $text),
            };
        } catch (QuantityError $error) {
            throw new FigureError($key->name.': '.$error->getMessage(), $key->name);
        }
    }

    /** @return array{Quantity, array{value: float, unit: string}} */
    private function one(Key $key, string $text, Dimension $dimension): array
    {
        $quantity = $this->inRange($key, Quantity::parse($text, $dimension), $text);

        return [$quantity, ['value' => $quantity->typed(), 'unit' => $quantity->typedUnit]];
    }

    private function inRange(Key $key, Quantity $quantity, string $text): Quantity
    {
        if (null !== $key->range && !$key->range->holds($quantity->si)) {
            throw new FigureError(\sprintf('%s: %s is out of range; expected a %s %s.', $key->name, trim($text), $quantity->dimension->value, $key->range->words), $key->name);
        }

        return $quantity;
    }

    /** @return array{list<Quantity>|list<array{string, Quantity}>, list<mixed>} */
    private function many(Key $key, string $text, Dimension $dimension): array
    {
        $values = [];
        $echo = [];
        foreach ($this->items($key, $text) as $item) {
            [$rest, $times] = $this->item($item);
            $place = null;
            if (KeyKind::Places === $key->kind) {
                $colon = strpos($rest, ':');
                if (false === $colon || '' === trim(substr($rest, 0, $colon))) {
                    throw new FigureError(\sprintf('%s: "%s" names no place; expected %s.', $key->name, $item, $key->takes()), $key->name);
                }
                [$place, $rest] = [trim(substr($rest, 0, $colon)), substr($rest, $colon + 1)];
            }
            $quantity = $this->inRange($key, Quantity::parse($rest, $dimension), $rest);
            $echo[] = null === $place && null === $times ? ['value' => $quantity->typed(), 'unit' => $quantity->typedUnit] : $item;
            if (\count($values) + ($times ?? 1) > self::MOST_ITEMS) {
                throw new FigureError(\sprintf('%s: that is more than %d readings.', $key->name, self::MOST_ITEMS), $key->name);
            }
            for ($i = 0; $i < ($times ?? 1); ++$i) {
                $values[] = null === $place ? $quantity : [$place, $quantity];
            }
        }

        /* @var list<Quantity>|list<array{string, Quantity}> $values */
        return [$values, $echo];
    }

    /** @return non-empty-list<string> */
    private function items(Key $key, string $text): array
    {
        if (!$key->kind->isList()) {
            return [trim($text)];
        }
        $items = array_map(trim(...), explode(';', $text));
        if (\count($items) > 1 && '' === $items[\count($items) - 1]) {
            array_pop($items);
        }
        if (\in_array('', $items, true)) {
            throw new FigureError(\sprintf('%s: a reading is empty; expected %s.', $key->name, $key->takes()), $key->name);
        }

        return [] === $items ? [''] : $items;
    }

    /** @return array{string, int|null} the item without its `xN`, and N */
    private function item(string $item): array
    {
        if (1 === preg_match('/^(.*\S)\s*[x×]\s*(\d{1,6})$/us', $item, $m)) {
            if (0 === (int) $m[2]) {
                throw QuantityError::notANumber($item, Dimension::Number);
            }

            return [$m[1], (int) $m[2]];
        }

        return [$item, null];
    }

    /** @return array{Quantity, array{value: int, unit: string}} */
    private function count(Key $key, string $text): array
    {
        if (1 !== preg_match('/^\s*\+?(\d{1,9})\s*$/', $text, $m) || 0 === (int) $m[1]) {
            throw new FigureError(\sprintf('%s: "%s" is no count; expected a whole number above 0.', $key->name, mb_substr(trim($text), 0, 40)), $key->name);
        }

        return [Quantity::si((float) $m[1], Dimension::Number), ['value' => (int) $m[1], 'unit' => '']];
    }

    /** @return array{string, array{value: string|int, unit?: string}} */
    private function choice(Key $key, string $text): array
    {
        $word = mb_strtolower(trim($text));
        if (!\in_array($word, $key->choices, true)) {
            throw new FigureError(\sprintf('%s: "%s" is not known; expected %s.', $key->name, mb_substr(trim($text), 0, 40), implode(' or ', $key->choices)), $key->name);
        }

        return [$word, ctype_digit($word) ? ['value' => (int) $word, 'unit' => ''] : ['value' => $word]];
    }
}
