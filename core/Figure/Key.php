<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Figure\Input\OneOf;
use Japhrex\Core\Figure\Input\OneQuantity;
use Japhrex\Core\Figure\Input\Takes;
use Japhrex\Core\Figure\Input\WholeNumber;
use Japhrex\Core\Figure\Input\YesNo;
use Japhrex\Core\Quantity\Dimension;

/** One input of a figure: its name, what it takes and what it means. */
final readonly class Key
{
    public function __construct(
        public string $name,
        public Takes $takes,
        public string $meaning,
        public bool $optional = false,
        public ?string $default = null,
    ) {
    }

    /** A size or another quantity, above 0 unless another range is given. */
    public static function quantity(string $name, Dimension $dimension, string $meaning, ?Range $range = null): self
    {
        return new self($name, new OneQuantity($dimension, $range ?? Range::positive()), $meaning);
    }

    /** A size: a length above 0. */
    public static function length(string $name, string $meaning): self
    {
        return self::quantity($name, Dimension::Length, $meaning);
    }

    /** A gap or a difference of lengths: may be 0. */
    public static function gap(string $name, string $meaning): self
    {
        return self::quantity($name, Dimension::Length, $meaning, Range::notNegative());
    }

    /** A pressure: may be 0. */
    public static function pressure(string $name, string $meaning): self
    {
        return self::quantity($name, Dimension::Pressure, $meaning, Range::notNegative());
    }

    /** A share of what goes in that comes out; 100 % unless given. */
    public static function efficiency(string $name, string $meaning): self
    {
        return self::quantity($name, Dimension::Ratio, $meaning, Range::efficiency())->default('100 %');
    }

    public static function confidence(): self
    {
        return self::quantity(
            'confidence',
            Dimension::Ratio,
            'how sure the verdict has to be, one-sided',
            Range::confidence(),
        )->default('95 %');
    }

    public static function count(string $name, string $meaning, int $least = 1, int $most = WholeNumber::MOST): self
    {
        return new self($name, new WholeNumber($least, $most), $meaning);
    }

    /** @param list<string> $words */
    public static function choice(string $name, array $words, string $meaning): self
    {
        return new self($name, new OneOf($words), $meaning);
    }

    public static function yesNo(string $name, string $meaning): self
    {
        return new self($name, new YesNo(), $meaning);
    }

    public function optional(): self
    {
        return new self($this->name, $this->takes, $this->meaning, true, $this->default);
    }

    public function default(string $typed): self
    {
        return new self($this->name, $this->takes, $this->meaning, $this->optional, $typed);
    }

    public function isRequired(): bool
    {
        return !$this->optional && null === $this->default;
    }
}
