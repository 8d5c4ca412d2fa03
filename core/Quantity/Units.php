<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** All units and their spellings. Exact factors: NIST SP 811, and those stated in the trade's tables. */
final class Units
{
    private const INCH = 0.0254;
    private const PSI = 6894.757293168;
    private const GALLON = 3.785411784e-3;
    private const INCH_POUND = 0.1129848290276;
    private const POUND = 0.45359237;
    private const POUND_FORCE = 4.4482216152605;

    /**
     * The catalogue is constant; it is only built when first asked for.
     *
     * @var array<string, array{units: list<Unit>, exact: array<string, Unit>, forgiving: array<string, array{string, Unit}>}>|null
     */
    private static ?array $catalogue = null;

    /** @var array<string, list<Dimension>>|null by spelling in small letters */
    private static ?array $dimensions = null;

    /** @return list<Unit> */
    public static function of(Dimension $dimension): array
    {
        return self::catalogue()[$dimension->value]['units'];
    }

    /**
     * The unit that a person means. Spaces, points between factors, dashes and case are forgiven, save where
     * the case tells milli from mega (`mPa` is not `MPa`).
     */
    public static function find(string $typed, Dimension $dimension): ?Unit
    {
        self::$catalogue ??= self::built();
        $catalogue = self::$catalogue[$dimension->value];
        if (isset($catalogue['exact'][$typed])) {
            return $catalogue['exact'][$typed];
        }
        $plain = self::plain($typed);
        if (isset($catalogue['exact'][$plain])) {
            return $catalogue['exact'][$plain];
        }
        [$spelling, $unit] = $catalogue['forgiving'][strtolower($plain)] ?? ['', null];

        return null === $unit || self::otherPrefix($spelling, $plain) ? null : $unit;
    }

    /**
     * The dimensions in which the unit that was typed means something, in the order of their cases.
     *
     * @return list<Dimension>
     */
    public static function dimensions(string $typed): array
    {
        self::$dimensions ??= self::spellings();
        $likely = self::$dimensions[$typed] ?? self::$dimensions[strtolower(self::plain($typed))] ?? [];

        if (1 === \count($likely) && isset(self::$dimensions[$typed])) {
            return $likely;
        }

        return array_values(array_filter($likely, static fn (Dimension $dimension): bool => null !== self::find($typed, $dimension)));
    }

    /** The unit in which people say a time: seconds under two minutes, minutes under two hours, hours above. */
    public static function forTime(float $si): Unit
    {
        return self::named(abs($si) < 120.0 ? 's' : (abs($si) < 7200.0 ? 'min' : 'h'), Dimension::Time);
    }

    /** @throws \LogicException if this program itself asks for a unit that does not exist */
    public static function named(string $symbol, Dimension $dimension): Unit
    {
        return self::find($symbol, $dimension) ?? throw new \LogicException(
            \sprintf('There is no unit "%s" of %s.', $symbol, $dimension->value)
        );
    }

    /** Whether the case of the first letter makes milli of mega or the reverse, and is not just a habit of shouting. */
    private static function otherPrefix(string $spelling, string $plain): bool
    {
        if (\strlen($spelling) < 2 || $spelling[0] === $plain[0]) {
            return false;
        }

        return match ($spelling[0]) {
            'm' => strtoupper($plain) !== $plain,
            'M' => strtolower($plain) !== $plain,
            default => false,
        };
    }

    private static function plain(string $unit): string
    {
        return strtr(
            $unit,
            [
                ' ' => '', "\u{a0}" => '', "\u{202f}" => '', '·' => '', '⋅' => '', '-' => '', '^' => '', '²' => '2',
                '³' => '3', 'µ' => 'u', 'μ' => 'u', '″' => '"', '”' => '"', 'º' => '°', '⁄' => '/',
            ],
        );
    }

    /** @return array<string, array{units: list<Unit>, exact: array<string, Unit>, forgiving: array<string, array{string, Unit}>}> */
    private static function catalogue(): array
    {
        return self::$catalogue ??= self::built();
    }

    /** @return array<string, array{units: list<Unit>, exact: array<string, Unit>, forgiving: array<string, array{string, Unit}>}> */
    private static function built(): array
    {
        $catalogue = [];
        foreach (self::rows() as $row) {
            $unit = new Unit($row[0], $row[1], $row[2], $row[3] ?? 1.0, $row[4] ?? 0.0);
            $entry = $catalogue[$row[0]->value] ?? ['units' => [], 'exact' => [], 'forgiving' => []];
            $entry['units'][] = $unit;
            foreach ($row[1] as $spelling) {
                $plain = self::plain($spelling);
                $entry['exact'][$plain] ??= $unit;
                $entry['forgiving'][strtolower($plain)] ??= [$plain, $unit];
            }
            $catalogue[$row[0]->value] = $entry;
        }

        return $catalogue;
    }

    /** @return array<string, list<Dimension>> */
    private static function spellings(): array
    {
        $spellings = [];
        foreach (Dimension::cases() as $dimension) {
            foreach (array_keys(self::catalogue()[$dimension->value]['forgiving'] ?? []) as $spelling) {
                $spellings[(string) $spelling][] = $dimension;
            }
        }

        return $spellings;
    }

    /**
     * @return list<array{
     *     0: Dimension, 1: non-empty-list<string>, 2: float, 3?: float, 4?: float,
     * }> dimension, spellings, numerator, denominator, shift
     */
    private static function rows(): array
    {
        return [
            [Dimension::Length, ['mm'], 1e-3], [Dimension::Length, ['m'], 1.0], [Dimension::Length, ['cm'], 1e-2],
            [Dimension::Length, ['µm', 'um', 'micron', 'microns'], 1e-6],
            [
                Dimension::Length,
                ['in', '"', 'inch', 'inches', "''"],
                self::INCH,
            ], [Dimension::Length, ['ft', 'foot', 'feet', "'"], 12 * self::INCH],
            [Dimension::Length, ['thou', 'mil', 'mils'], self::INCH, 1000.0],
            [Dimension::Area, ['mm2'], 1e-6], [Dimension::Area, ['cm2'], 1e-4], [Dimension::Area, ['in2', 'sq in'], self::INCH ** 2],
            [
                Dimension::Volume,
                ['L', 'litre', 'liter'],
                1e-3,
            ], [Dimension::Volume, ['mL', 'cc', 'cm3'], 1e-6], [Dimension::Volume, ['gal'], self::GALLON],
            [Dimension::Volume, ['qt'], self::GALLON, 4.0], [Dimension::Volume, ['in3', 'cu in'], self::INCH ** 3],
            [Dimension::Displacement, ['cm3/rev', 'cc/rev', 'mL/rev', 'cm3/r', 'cc/r'], 1e-6], [Dimension::Displacement, ['L/rev'], 1e-3],
            [Dimension::Displacement, ['in3/rev'], self::INCH ** 3],
            [Dimension::Pressure, ['bar'], 1e5], [
                Dimension::Pressure,
                ['mbar'],
                1e2,
            ], [Dimension::Pressure, ['Pa'], 1.0], [Dimension::Pressure, ['kPa'], 1e3],
            [Dimension::Pressure, ['MPa'], 1e6], [Dimension::Pressure, ['psi'], self::PSI], [
                Dimension::Pressure,
                ['inHg', '"Hg'],
                3386.389,
            ],
            [Dimension::Stress, ['MPa', 'N/mm2'], 1e6], [Dimension::Stress, ['psi'], self::PSI], [
                Dimension::Stress,
                ['ksi'],
                1000 * self::PSI,
            ],
            [Dimension::Torque, ['N·m', 'Nm', 'N-m'], 1.0], [
                Dimension::Torque,
                ['in·lb', 'in-lb', 'inlb', 'lb·in', 'lbf·in', 'in·lbf'],
                self::INCH_POUND,
            ],
            [
                Dimension::Torque,
                ['ft·lb', 'ft-lb', 'ftlb', 'lb·ft', 'lbf·ft', 'ft·lbf'],
                12 * self::INCH_POUND,
            ], [Dimension::Torque, ['kgf·m', 'kgfm'], 9.80665],
            [Dimension::Force, ['N'], 1.0], [Dimension::Force, ['kN'], 1e3], [
                Dimension::Force,
                ['lbf'],
                self::POUND_FORCE,
            ], [Dimension::Force, ['kgf'], 9.80665],
            [Dimension::Power, ['kW'], 1e3], [Dimension::Power, ['W'], 1.0], [
                Dimension::Power,
                ['hp'],
                745.6998715823,
            ], [Dimension::Power, ['PS'], 735.49875],
            [Dimension::Flow, ['L/min', 'lpm'], 1e-3, 60.0], [Dimension::Flow, ['gal/min', 'gpm'], self::GALLON, 60.0],
            [Dimension::Flow, ['cc/min', 'mL/min', 'cm3/min'], 1e-6, 60.0], [Dimension::Flow, ['m3/h'], 1.0, 3600.0],
            [Dimension::Speed, ['rpm', '1/min', 'rev/min', 'r/min'], 1.0, 60.0],
            [Dimension::Temperature, ['°C', 'C', 'degC'], 1.0], [
                Dimension::Temperature,
                ['°F', 'F', 'degF'],
                5.0,
                9.0,
                32.0,
            ], [Dimension::Temperature, ['K'], 1.0, 1.0, 273.15],
            [
                Dimension::TemperatureDifference,
                ['K', '°C', 'C', 'degC'],
                1.0,
            ], [Dimension::TemperatureDifference, ['°F', 'F', 'degF'], 5.0, 9.0],
            [Dimension::KinematicViscosity, ['cSt', 'mm2/s'], 1e-6],
            [Dimension::DynamicViscosity, ['mPa·s', 'cP'], 1e-3],
            [Dimension::Density, ['kg/m3'], 1.0], [Dimension::Density, ['g/cm3', 'g/cc'], 1e3],
            [Dimension::Mass, ['kg'], 1.0], [Dimension::Mass, ['g'], 1e-3], [
                Dimension::Mass,
                ['lb', 'lbs'],
                self::POUND,
            ], [Dimension::Mass, ['oz'], self::POUND, 16.0],
            [
                Dimension::Time,
                ['h', 'hr', 'hours'],
                3600.0,
            ], [Dimension::Time, ['min'], 60.0], [Dimension::Time, ['s', 'sec'], 1.0], [Dimension::Time, ['d', 'days'], 86400.0],
            [Dimension::Distance, ['km'], 1e3], [Dimension::Distance, ['mi', 'miles'], 1609.344],
            [Dimension::Angle, ['deg', '°'], \M_PI, 180.0], [Dimension::Angle, ['rad'], 1.0], [
                Dimension::Angle,
                ['turn', 'turns'],
                2 * \M_PI,
            ],
            [Dimension::Ratio, ['%'], 1.0, 100.0], [Dimension::Ratio, [''], 1.0],
            [Dimension::Number, [''], 1.0],
        ];
    }
}
