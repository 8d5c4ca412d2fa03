<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A condition at its place in a unit, as the network has it. */
final readonly class Spot
{
    /**
     * @param string $kind `origin`, `state`, `damage` or `complaint`
     * @param string $key of the vocabulary, the damage modes or the book's complaints
     * @param string|null $place `part` or `part/surface`; null: the unit as a whole
     * @param float $leak chance of it without any cause that is known; of an origin its base rate
     * @param float $found chance that a plain look finds it where it is
     */
    public function __construct(
        public string $kind,
        public string $key,
        public ?string $place,
        public string $name,
        public float $leak,
        public float $found = 1.0,
    ) {
    }

    public function id(): string
    {
        return self::idOf($this->kind, $this->key, $this->place);
    }

    public static function idOf(string $kind, string $key, ?string $place): string
    {
        return $kind.':'.$key.(null === $place ? '' : '@'.$place);
    }

    public function part(): ?string
    {
        return null === $this->place ? null : explode('/', $this->place)[0];
    }
}
