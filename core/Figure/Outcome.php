<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** The results of a figure with their units, and what has to be said about them. */
final class Outcome
{
    /** @var array<string, array{value: float|string|bool, unit?: string, dimension?: Dimension}> */
    private array $results = [];

    /** @var list<string> */
    private array $notes = [];

    /** A quantity, given in SI, answered in the unit named. */
    public function quantity(string $name, float $si, Dimension $dimension, string $unit): self
    {
        $value = Units::named($unit, $dimension)->fromSi($si);
        if (!is_finite($value)) {
            throw new FigureError('These values lead to no finite result; check their sizes and units.', null);
        }
        $this->results[$name] = ['value' => $value, 'unit' => $unit, 'dimension' => $dimension];

        return $this;
    }

    public function ratio(string $name, float $value): self
    {
        return $this->quantity($name, $value, Dimension::Ratio, '');
    }

    public function word(string $name, string $value): self
    {
        $this->results[$name] = ['value' => $value];

        return $this;
    }

    public function note(string ...$notes): self
    {
        array_push($this->notes, ...array_values($notes));

        return $this;
    }

    /** @return array<string, array{value: float|string|bool, unit?: string, dimension?: Dimension}> */
    public function results(): array
    {
        return $this->results;
    }

    /** @return list<string> */
    public function notes(): array
    {
        return $this->notes;
    }
}
