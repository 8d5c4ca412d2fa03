<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Quantity\Dimension;

/** What units that look alike are told apart by: a size, a count, or something that is seen. */
final readonly class Feature
{
    /**
     * @param string $fact what the models of the book call it
     * @param string $how where, with what, away from which wear
     * @param Dimension|null $dimension of a size; Number of a count; null: it is seen, and said in words
     * @param list<string> $options what may be seen
     * @param string $reading `part/field` that measures the same; empty: none
     * @param Wear|null $wears which way running moves it; null: it does not
     * @param float $by how far running moves it at most, SI
     * @param bool $isOutside can it be had before anything is opened?
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $fact,
        public string $how,
        public ?Dimension $dimension = null,
        public array $options = [],
        public string $reading = '',
        public ?Wear $wears = null,
        public float $by = 0.0,
        public bool $isOutside = false,
    ) {
    }

    /** How one is typed. */
    public function example(): string
    {
        return $this->options[0] ?? match ($this->dimension) {
            Dimension::Number => '12', Dimension::Angle => '16 deg', default => '26.0 mm',
        };
    }

    public function isCount(): bool
    {
        return Dimension::Number === $this->dimension;
    }

    public function isSize(): bool
    {
        return null !== $this->dimension && !$this->isCount();
    }

    /**
     * A value of it as somebody typed it.
     *
     * @throws IdentityError saying what would be right
     */
    public function value(string $typed): Value
    {
        $typed = trim($typed);
        if (null === $this->dimension) {
            return new Value($typed);
        }
        if ($this->isCount()) {
            return 1 === preg_match('/^[1-9]\d{0,3}$/', $typed)
                ? new Value($typed, (float) $typed)
                : throw IdentityError::noCount($this, $typed);
        }

        return Value::size($typed, $this->dimension) ?? throw IdentityError::noSize($this, $typed);
    }
}
