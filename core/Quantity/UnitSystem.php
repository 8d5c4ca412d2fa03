<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** In which units a person wants to read: the shop's metric bench or its inch bench. */
enum UnitSystem: string
{
    case Metric = 'mm';
    case Inch = 'inch';
    /** Metric, with the inch beside it: for who talks to both. What is typed without a unit is metric. */
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Metric => 'mm · bar', self::Inch => 'inch · psi', self::Both => 'mm and inch',
        };
    }

    /** The symbol of the unit in which this person reads the dimension. */
    public function unit(Dimension $dimension): string
    {
        $inch = self::Inch === $this;

        return match ($dimension) {
            Dimension::Length => $inch ? 'in' : 'mm',
            Dimension::Area => $inch ? 'in2' : 'mm2',
            Dimension::Volume => $inch ? 'qt' : 'L',
            Dimension::Displacement => $inch ? 'in3/rev' : 'cm3/rev',
            Dimension::Pressure => $inch ? 'psi' : 'bar',
            Dimension::Stress => $inch ? 'ksi' : 'MPa',
            Dimension::Torque => $inch ? 'ft·lb' : 'N·m',
            Dimension::Force => $inch ? 'lbf' : 'N',
            Dimension::Power => $inch ? 'hp' : 'kW',
            Dimension::Flow => $inch ? 'gal/min' : 'L/min',
            Dimension::Temperature => $inch ? '°F' : '°C',
            Dimension::TemperatureDifference => $inch ? '°F' : 'K',
            Dimension::Mass => $inch ? 'lb' : 'kg',
            Dimension::Distance => $inch ? 'mi' : 'km',
            default => Units::of($dimension)[0]->symbol(),
        };
    }

    /**
     * In which unit a number without one is meant, beside a size that a book gives: in the book's, where this system reads it in the
     * same, or where both systems do (degrees, turns). Never across systems.
     *
     * @return string the symbol; empty: it needs its unit
     */
    public function meansBeside(Quantity $given): string
    {
        $symbol = Units::named($given->typedUnit, $given->dimension)->symbol();
        $isShared = self::Metric->unit($given->dimension) === self::Inch->unit($given->dimension);

        return $isShared || $symbol === $this->unit($given->dimension) ? $symbol : '';
    }

    /** The next of them, for who goes through them. */
    public function next(): self
    {
        return match ($this) {
            self::Metric => self::Inch, self::Inch => self::Both, self::Both => self::Metric,
        };
    }

    /** Value and unit for a screen; lengths to 1 µm or a tenth of a thou, all else to four digits. */
    public function show(float $si, Dimension $dimension): string
    {
        if (self::Both === $this) {
            [$metric, $inch] = [self::Metric->show($si, $dimension), self::Inch->show($si, $dimension)];

            return $metric === $inch ? $metric : \sprintf('%s (%s)', $metric, $inch);
        }
        $symbol = Dimension::Time === $dimension && 0.0 !== $si ? Units::forTime($si)->symbol() : $this->unit($dimension);
        $value = Units::named($symbol, $dimension)->fromSi($si);
        $decimals = match (true) {
            Dimension::Length === $dimension => self::Inch === $this ? 4 : 3,
            Dimension::Ratio === $dimension => 0,
            0.0 === $value => 0,
            default => max(0, min(6, 3 - (int) floor(log10(abs($value))))),
        };
        $text = number_format($value, $decimals, '.', '');
        if (Dimension::Length !== $dimension && str_contains($text, '.')) {
            $text = rtrim(rtrim($text, '0'), '.');
        }
        $text = 0.0 === (float) $text ? ltrim($text, '-') : $text;

        return trim(strtr($text, ['-' => '−']).' '.$symbol);
    }
}
