<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Proof;

use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Hydraulics\WornPump;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Proof\DrawnPoint;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

/** A recording of the stand is read whole or refused by its line. */
final class RecordingTest extends TestCase
{
    public function testUnitsAreThoseOfTheHead(): void
    {
        $read = Recording::read(
            "time [s],flow [L/min],pressure [psi],temperature [°F],speed [rpm]\n0,60,1000,212,1500\n0.1,30,2000,32,3000\n"
        );
        // 60 L/min = 0.001 m³/s; 1000 psi = 6 894 757 Pa; 212 °F = 100 °C; 1500 rpm = 25 rev/s.
        self::assertEqualsWithDelta(0.001, $read->values['flow'][0], 1e-12);
        self::assertEqualsWithDelta(6894757.293, $read->values['pressure'][0], 0.01);
        self::assertEqualsWithDelta([100.0, 0.0], $read->values['temperature'], 1e-9);
        self::assertEqualsWithDelta([25.0, 50.0], $read->values['speed'], 1e-9);
    }

    public function testAnUncertaintyOfAStandIsADifferenceThatIsNotBelowNothing(): void
    {
        // A kelvin and a degree Celsius are the same step; 0.4 L/min = 0.4 / 60 000 m³/s.
        self::assertEqualsWithDelta([1.0, 1.0], array_map(Channel::Temperature->uncertainty(...), ['1 K', '1 °C']), 1e-12);
        self::assertEqualsWithDelta([0.4 / 60000, 0.0], array_map(Channel::Flow->uncertainty(...), ['0.4 L/min', '0 L/min']), 1e-15);
        $this->expectExceptionMessage('An uncertainty is 0 or more');
        Channel::Pressure->uncertainty('-0.01 bar');
    }

    public function testSemicolonsAndDecimalCommasAreRead(): void
    {
        self::assertEqualsWithDelta([0.0, 30.0], Recording::read("time [min];pressure [bar]\r\n0;1,5\r\n0,5;2,5\r\n")->times, 1e-9);
    }

    public function testWhatIsWrongIsNamedByItsLine(): void
    {
        foreach ([
            ["time [s],flow [L/min]\n0,1\n0.2,1\n0.1,1\n", 'Line 4 steps back in time: 0.1 s after 0.2 s.'],
            ["time [s],flow [°C]\n0,1\n", '“°C” is no unit of flow'],
            ["time [s],flow\n0,1\n", 'a name and its unit, such as flow [L/min]'],
            ["flow [L/min]\n1\n2\n", 'The column time is missing'],
            ["time [s],noise [dB]\n0,1\n", 'expected time, flow, pressure, temperature, speed'],
            ["time [s],flow [L/min]\n0,1\n0.1,lots\n", 'Line 3: “lots” is no number.'],
            ["time [s],flow [L/min]\n0,1\n0.1\n", 'Line 3 has 1 values, the head names 2.'],
            ["time [s],flow [L/min]\n0,1\n", 'fewer than two rows'],
            ["time [s],flow [L/min]\n".str_repeat("0,1\n", 1_000_000), 'rows; at most 200 000 are read'],
        ] as [$csv, $says]) {
            try {
                Recording::read($csv);
                self::fail($says);
            } catch (\DomainException $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    public function testAGapIsTold(): void
    {
        $rows = '';
        foreach ([...range(0, 20), ...range(60, 80)] as $tenth) {
            $rows .= ($tenth / 10).",5\n";
        }
        self::assertEqualsWithDelta([[2.0, 6.0]], Recording::read("time [s],flow [L/min]\n".$rows)->gaps(), 1e-9);
    }

    public function testTwoHoursAtTenHertzAreDrawnWithTheirPeaks(): void
    {
        $rows = "time [s],pressure [bar]\n";
        for ($i = 0; $i < 72_000; ++$i) {
            $rows .= ($i / 10).','.(40_000 === $i ? 212 : 100)."\n";
        }
        $drawn = Recording::read($rows)->drawn(600);
        self::assertLessThanOrEqual(600, \count($drawn));
        self::assertEqualsWithDelta(
            212e5,
            max(0.0, ...array_map(static fn (DrawnPoint $point): float => $point->high['pressure'], $drawn)),
            1.0,
            'one row in 72 000 is still seen',
        );
    }

    /** 28.7 cc/rev at 1500 rpm without leak paths is 43.05 L/min. */
    public function testAGoodPumpLiesInTheBandAndALeakingOneFallsOutOfItWarm(): void
    {
        $pump = new WornPump(
            28.7e-6,
            [
                [
                    LeakPath::slot(
                        Quantity::parse('40 mm', Dimension::Length),
                        Quantity::parse('0.02 mm', Dimension::Length),
                        Quantity::parse('9 mm', Dimension::Length),
                    ),
                    1,
                ],
            ],
        );
        $expected = new ExpectedFlow($pump, new Oil(46e-6, 6.8e-6, 870.0));
        self::assertEqualsWithDelta(
            43.05 / 60000,
            (new ExpectedFlow(new WornPump(28.7e-6, []), new Oil(46e-6, 6.8e-6, 870.0)))->at(140e5, 25.0, 50.0),
            1e-9,
        );
        $run = static fn (float $share): array => array_map(
            static fn (int $i): DrawnPoint => new DrawnPoint((float) $i, [], [], [
                'pressure' => 140e5,
                'speed' => 25.0,
                'temperature' => 30.0 + $i,
                'flow' => $expected->at(140e5, 25.0, 30.0 + $i) * ($i > 40 ? $share : 1.0),
            ]),
            range(0, 60),
        );
        self::assertTrue($expected->judge($run(0.97))?->passed, 'three per cent short is within the band');
        $bad = $expected->judge($run(0.80));
        self::assertSame([false, true], [$bad?->passed, $bad?->warm]);
        self::assertEqualsWithDelta(0.2, $bad?->short, 1e-9);
        self::assertNull(
            $expected->judge([new DrawnPoint(0.0, [], [], ['flow' => 1.0])]),
            'without a pressure nothing can be told',
        );
    }

    public function testARecordingOfAnotherUnitIsRefused(): void
    {
        // 28.7 cm³ at 1500 rpm are 43.05 L/min; 60 of it are 139 %.
        $run = static fn (string $flow): string => "time [s],flow [L/min],speed [rpm]\n".implode('', array_map(
            static fn (int $i): string => "$i,$flow,1500\n",
            range(0, 30),
        ));
        Recording::read($run('42.0'))->mustFit(28.7e-6);
        Recording::read($run('60.0'))->mustFit(0.0);
        $this->expectExceptionMessage('139 % of displacement times speed');
        Recording::read($run('60.0'))->mustFit(28.7e-6);
    }
}
