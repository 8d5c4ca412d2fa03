<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Figure\Input\Taken;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** The inputs of a figure, read and in range. */
final readonly class Inputs
{
    /**
     * @param array<string, Taken> $taken by key
     * @param array<string, Taken> $given those that were typed
     * @param Dimension|null $open the dimension of the keys that take any
     * @param string $unit in which results of that dimension are answered
     */
    public function __construct(private array $taken, private array $given, public ?Dimension $open, public string $unit)
    {
    }

    public function has(string $key): bool
    {
        return isset($this->taken[$key]);
    }

    /** @return array<string, mixed> what was typed, as understood, for the answer */
    public function echo(): array
    {
        return array_map(static fn (Taken $taken): mixed => $taken->echo(), $this->given);
    }

    /** Was it typed, rather than left to its default? */
    public function isTyped(string $key): bool
    {
        return isset($this->given[$key]);
    }

    public function quantity(string $key): Quantity
    {
        return $this->value($key, Quantity::class);
    }

    public function quantityOrNull(string $key): ?Quantity
    {
        return $this->has($key) ? $this->quantity($key) : null;
    }

    /** Is it a quantity, where a word may stand instead? */
    public function isQuantity(string $key): bool
    {
        return ($this->taken[$key] ?? null)?->value instanceof Quantity;
    }

    public function si(string $key): float
    {
        return $this->quantity($key)->si;
    }

    public function int(string $key): int
    {
        $value = ($this->taken[$key] ?? null)?->value;

        return \is_int($value) ? $value : throw new \LogicException($key.' is no count.');
    }

    public function word(string $key): string
    {
        $value = ($this->taken[$key] ?? null)?->value;

        return \is_string($value) ? $value : throw new \LogicException($key.' is not a word.');
    }

    public function yes(string $key): bool
    {
        return true === ($this->taken[$key] ?? null)?->value;
    }

    /** @return list<Quantity> */
    public function list(string $key): array
    {
        return $this->items($key, Quantity::class);
    }

    /** @return list<float> SI values of a list of quantities */
    public function siList(string $key): array
    {
        return array_map(static fn (Quantity $quantity): float => $quantity->si, $this->list($key));
    }

    /**
     * The items of a list.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    public function items(string $key, string $class): array
    {
        $items = [];
        $value = ($this->taken[$key] ?? null)?->value;
        foreach (\is_array($value) ? $value : [] as $item) {
            $items[] = $item instanceof $class ? $item : throw new \LogicException($key.' is no list of '.$class);
        }

        return $items;
    }

    /**
     * A value that is an object of its own.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function value(string $key, string $class): object
    {
        $value = ($this->taken[$key] ?? null)?->value;

        return $value instanceof $class ? $value : throw new \LogicException($key.' is no '.$class);
    }

    /**
     * Of keys that exclude each other or belong together: which of the ways was taken.
     *
     * @param non-empty-list<non-empty-list<string>> $ways each a list of keys that are given together
     *
     * @return int index of the way taken
     *
     * @throws FigureError naming the first key of two ways both begun, or the key a way still lacks
     */
    public function way(array $ways): int
    {
        $said = implode(', or ', array_map(static fn (array $way): string => implode(' and ', $way), $ways));
        $begun = array_keys(array_filter($ways, fn (array $way): bool => [] !== array_filter($way, $this->has(...))));
        if (\count($begun) > 1) {
            throw new FigureError(\sprintf('Give %s, not both.', $said), array_values(array_filter($ways[$begun[0]], $this->has(...)))[0]);
        }
        $way = $begun[0] ?? 0;
        foreach ($ways[$way] as $key) {
            if (!$this->has($key)) {
                throw new FigureError(\sprintf('%s is missing: give %s.', $key, $said), $key);
            }
        }

        return $way;
    }
}
