<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Dimension;

/** One input of a figure: its name, what it takes and what it means. */
final readonly class Key
{
    /** @param list<string> $choices */
    private function __construct(
        public string $name,
        public KeyKind $kind,
        public string $meaning,
        public Dimension $dimension = Dimension::Length,
        public ?Range $range = null,
        public bool $optional = false,
        public ?string $default = null,
        public array $choices = [],
    ) {
    }

    /** A size or another quantity, above 0. */
    public static function quantity(string $name, Dimension $dimension, string $meaning): self
    {
        return new self($name, KeyKind::Quantity, $meaning, $dimension, Range::positive());
    }

    public static function length(string $name, string $meaning): self
    {
        return self::quantity($name, Dimension::Length, $meaning);
    }

    /** A share of what goes in that comes out; 100 % unless given. */
    public static function efficiency(string $name, string $meaning): self
    {
        return new self($name, KeyKind::Quantity, $meaning, Dimension::Ratio, Range::efficiency(), default: '100 %');
    }

    public static function confidence(): self
    {
        return new self('confidence', KeyKind::Quantity, 'how sure the verdict has to be, one-sided', Dimension::Ratio, Range::confidence(), default: '95 %');
    }

    public static function any(string $name, string $meaning): self
    {
        return new self($name, KeyKind::Any, $meaning, range: Range::any());
    }

    public static function anyDifference(string $name, string $meaning): self
    {
        return new self($name, KeyKind::AnyDifference, $meaning, range: Range::any());
    }

    public static function anyList(string $name, string $meaning): self
    {
        return new self($name, KeyKind::AnyList, $meaning, range: Range::any());
    }

    public static function places(string $name, string $meaning): self
    {
        return new self($name, KeyKind::Places, $meaning, range: Range::any());
    }

    public static function count(string $name, string $meaning): self
    {
        return new self($name, KeyKind::Count, $meaning, Dimension::Number);
    }

    /** @param list<string> $choices */
    public static function choice(string $name, array $choices, string $meaning): self
    {
        return new self($name, KeyKind::Choice, $meaning, choices: $choices);
    }

    public function in(Range $range): self
    {
        return new self($this->name, $this->kind, $this->meaning, $this->dimension, $range, $this->optional, $this->default, $this->choices);
    }

    public function optional(): self
    {
        return new self($this->name, $this->kind, $this->meaning, $this->dimension, $this->range, true, $this->default, $this->choices);
    }

    public function default(string $typed): self
    {
        return new self($this->name, $this->kind, $this->meaning, $this->dimension, $this->range, $this->optional, $typed, $this->choices);
    }

    public function isRequired(): bool
    {
        return !$this->optional && null === $this->default;
    }

    /** What it takes, in words. */
    public function takes(): string
    {
        return match ($this->kind) {
            KeyKind::Quantity => $this->dimension->value.', such as '.$this->dimension->example(),
            KeyKind::Any => 'a quantity of the same kind as the readings',
            KeyKind::AnyDifference => 'a difference of the same kind as the readings',
            KeyKind::AnyList => 'quantities of one kind, such as 28.51mm;28.52mm or 0.9mmx3',
            KeyKind::Places => 'places with their lengths, such as top:44.01mm;bottom:44.03mm',
            KeyKind::Count => 'a whole number above 0',
            KeyKind::Choice => implode(' | ', $this->choices),
        };
    }
}
