<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Quantity;

/** A value as read, and as it is echoed in the answer. */
final readonly class Taken
{
    /**
     * @param Quantity|string|int|bool|object|list<object> $value
     * @param mixed $echo as echoed; a quantity says itself
     */
    public function __construct(public string|int|bool|object|array $value, private mixed $echo = null)
    {
    }

    public function echo(): mixed
    {
        return $this->value instanceof Quantity ? self::say($this->value) : $this->echo;
    }

    /** @return array{value: float, unit: string} */
    public static function say(Quantity $quantity): array
    {
        return ['value' => $quantity->typed(), 'unit' => $quantity->typedUnit];
    }

    public function firstQuantity(): ?Quantity
    {
        $first = \is_array($this->value) ? $this->value[0] ?? null : $this->value;

        return $first instanceof Quantity ? $first : null;
    }
}
