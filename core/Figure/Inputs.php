<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** The inputs of a figure, read and in range. */
final readonly class Inputs
{
    /**
     * @param array<string, Quantity|string|list<Quantity>|list<array{string, Quantity}>> $values by key
     * @param array<string, mixed> $echo what was typed, as understood, for the answer
     * @param Dimension|null $open the dimension of the keys that take any
     * @param string $unit in which results of that dimension are answered
     */
    public function __construct(private array $values, public array $echo, public ?Dimension $open, public string $unit)
    {
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function quantity(string $key): Quantity
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Quantity ? $value : throw new \LogicException($key.' is not a quantity.');
    }

    public function quantityOrNull(string $key): ?Quantity
    {
        return $this->has($key) ? $this->quantity($key) : null;
    }

    public function si(string $key): float
    {
        return $this->quantity($key)->si;
    }

    public function word(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return \is_string($value) ? $value : throw new \LogicException($key.' is not a word.');
    }

    /** @return non-empty-list<Quantity> */
    public function list(string $key): array
    {
        $list = [];
        foreach (\is_array($this->values[$key] ?? null) ? $this->values[$key] : [] as $item) {
            $list[] = $item instanceof Quantity ? $item : $item[1];
        }

        return [] === $list ? throw new \LogicException($key.' is not a list.') : $list;
    }
}
