<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Stand;

use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Hydraulics\WornPump;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Gear, vane and piston pumps, by the leakage arithmetic, with their faults. */
final readonly class LeakingPump implements PlayedPump
{
    /** Displacement in m³, pressure of a step and cut-off in Pa; gaps of a new one in mm. */
    private const KINDS = [
        'gear' => [28.7e-6, 35e5, \INF, [0.015, 0.035, 0.020]],
        'vane' => [24.0e-6, 17.5e5, \INF, [0.035, 0.040, 0.020]],
        'piston' => [71.0e-6, 70e5, 280e5, [0.006, 0.012, 0.009]],
    ];

    /** How much wider the gaps are, the share of flow lost at random, and a valve that opens early or a cut-off that comes late, in Pa. */
    private const FAULTS = [
        'gear' => ['none' => [1.0, 0.0, \INF], 'worn' => [1.35, 0.0, \INF], 'air' => [1.0, 0.18, \INF], 'relief' => [1.0, 0.0, 60e5]],
        'vane' => [
            'none' => [1.0, 0.0, \INF], 'worn' => [1.6, 0.0, \INF], 'air' => [1.0, 0.18, \INF], 'hanging' => [1.0, 0.11, \INF],
        ],
        'piston' => [
            'none' => [1.0, 0.0, \INF], 'worn' => [1.5, 0.0, \INF], 'air' => [1.0, 0.18, \INF], 'late-cut-off' => [1.0, 0.0, 315e5],
        ],
    ];

    private Oil $oil;
    private WornPump $pump;

    /**
     * @param list<float> $gaps as it was built, mm: at the sides, at the tips, in the bearings; empty: as new
     *
     * @throws \DomainException if the fault or the gaps are not known
     */
    public function __construct(private string $kind, private string $fault = 'none', array $gaps = [])
    {
        isset(self::FAULTS[$kind][$fault]) || throw new \DomainException(
            \sprintf('There is no fault “%s”; expected %s.', $fault, implode(', ', array_keys(self::FAULTS[$kind]))),
        );
        $sizes = match (\count($gaps)) {
            0 => self::KINDS[$kind][3],
            3 => $gaps,
            default => throw new \DomainException(
                'Expected three gaps in mm: at the sides, at the tips, in the bearings, such as 0.015,0.035,0.020.'
            ),
        };
        $this->oil = new Oil(46e-6, 6.8e-6, 870.0);
        [$sides, $tips, $bearings] = array_map(fn (float $gap): Quantity => self::mm($gap * self::FAULTS[$kind][$this->fault][0]), $sizes);
        $this->pump = new WornPump(self::KINDS[$kind][0], [
            [LeakPath::slot(self::mm(30.0), $sides, self::mm(10.0)), 4],
            [LeakPath::slot(self::mm(26.0), $tips, self::mm(4.0)), 2],
            [LeakPath::annulus(self::mm(20.0), $bearings, self::mm(18.0), Quantity::of(0.7, '', Dimension::Ratio)), 4],
        ]);
    }

    public function at(float $done, float $celsius): array
    {
        [, $step, $cutOff] = self::KINDS[$this->kind];
        $opens = self::FAULTS[$this->kind][$this->fault][2];
        $last = \INF !== $cutOff && $done > 0.9;
        $pressure = $last ? (\INF === $opens ? $cutOff : $opens) : min($step * (1 + min(3, (int) (4 * $done))), $opens);
        $flow = $last ? 0.0 : $this->pump->delivered($pressure, 25.0, $this->oil->at($celsius));

        return [$flow, $pressure, 25.0];
    }

    public function unsteady(): float
    {
        return self::FAULTS[$this->kind][$this->fault][1];
    }

    private static function mm(float $size): Quantity
    {
        return Quantity::of($size, 'mm', Dimension::Length);
    }
}
