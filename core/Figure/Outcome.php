<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** The results of a figure with their units, and what has to be said about them. */
final class Outcome
{
    /** @var array<string, Result> */
    private array $results = [];

    /** @var list<string> */
    private array $notes = [];

    /**
     * A quantity, given in SI, answered in the unit named.
     *
     * @param string $per what follows the unit after a stroke: `h` makes mm/h; the value is then already a rate per that
     */
    public function quantity(string $name, float $si, Dimension $dimension, string $unit, string $per = ''): self
    {
        $value = Units::named($unit, $dimension)->fromSi($si);
        $this->results[$name] = new Result(
            is_finite($value) ? $value : $this->finite($value),
            '' === $per ? $unit : $unit.'/'.$per,
            $dimension,
            $per,
        );

        return $this;
    }

    /** @param list<float> $si */
    public function quantities(string $name, array $si, Dimension $dimension, string $unit): self
    {
        return $this->add(
            $name,
            new Result(
                array_map(fn (float $value): float => $this->finite(Units::named($unit, $dimension)->fromSi($value)), $si),
                $unit,
                $dimension,
            ),
        );
    }

    public function length(string $name, float $si): self
    {
        return $this->quantity($name, $si, Dimension::Length, 'mm');
    }

    public function ratio(string $name, float $value): self
    {
        return $this->quantity($name, $value, Dimension::Ratio, '');
    }

    public function word(string $name, string $value): self
    {
        return $this->add($name, new Result($value));
    }

    public function truth(string $name, bool $value): self
    {
        return $this->add($name, new Result($value));
    }

    /** @param int|list<int> $value */
    public function count(string $name, int|array $value): self
    {
        return $this->add($name, new Result($value, ''));
    }

    /** @param list<string> $names */
    public function names(string $name, array $names): self
    {
        return $this->add($name, new Result($names));
    }

    /** A number in a unit that the person named, any word. */
    public function plain(string $name, float $value, string $unit): self
    {
        return $this->add($name, new Result($this->finite($value), $unit));
    }

    public function note(string ...$notes): self
    {
        array_push($this->notes, ...array_values($notes));

        return $this;
    }

    /** @return array<string, Result> */
    public function results(): array
    {
        return $this->results;
    }

    /** @return list<string> */
    public function notes(): array
    {
        return $this->notes;
    }

    private function add(string $name, Result $result): self
    {
        $this->results[$name] = $result;

        return $this;
    }

    private function finite(float $value): float
    {
        return is_finite($value)
            ? $value
            : throw new FigureError('These values lead to no finite result; check their sizes and units.', null);
    }
}
