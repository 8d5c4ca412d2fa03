<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use Japhrex\Core\Figure\CommandLine;
use Japhrex\Core\Figure\FigureRegistry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The figures as asked for on the command line; expected values worked out by hand as noted. */
final class FiguresTest extends TestCase
{
    use Asks;

    /** @return iterable<string, array{float, string, list<string>}> expected, result, words */
    public static function hands(): iterable
    {
        yield 'side clearance' => [0.06, 'clearance', ['side-clearance', 'pocket-depth=26.06mm', 'gear-thickness=26mm']];
        yield 'tip clearance in thou comes out in mm' => [0.0254, 'clearance', ['tip-clearance', 'bore=1.002in', 'tip-diameter=1in']];
        // 2π·20·(25² − 20²) = 9000π mm³ = 28.2743338823 cm³, an upper bound
        yield 'displacement without teeth' => [
            28.2743338823,
            'displacement',
            ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'face-width=20mm'],
        ];
        // m = 4, p_b = π·4·cos 20° = 11.80852; p_b²/12 = 11.620097; 2π·20·(225 − 11.620097) = 26814.108 mm³
        yield 'displacement with teeth' => [
            26.814108,
            'displacement',
            ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'face-width=20mm', 'teeth=10'],
        ];
        // p_b²/48 = 2.905024: 2π·20·222.094976 = 27909.277 mm³
        yield 'both flanks seal' => [
            27.909277,
            'displacement',
            [
                'displacement-external-gear',
                'tip-diameter=50mm',
                'cavity-height=90mm',
                'bore=50mm',
                'face-width=20mm',
                'module=4mm',
                'flanks=2',
            ],
        ];
        yield 'flow' => [31.05, 'flow', ['flow', 'displacement=22.5cc/rev', 'speed=1500rpm', 'volumetric=92%']];
        // 28.7e-6 · 21e6/(2π·0.9) = 95.922684/0.9 = 106.580760 N·m
        yield 'torque of a pump' => [
            106.58076022,
            'torque',
            ['shaft-torque', 'displacement=28.7cc/rev', 'pressure=210bar', 'mechanical=0.9'],
        ];
        yield 'torque of a motor' => [
            86.33041578,
            'torque',
            ['shaft-torque', 'displacement=28.7cc/rev', 'pressure=210bar', 'mechanical=0.9', 'machine=motor'],
        ];
        // 40/60000 · 21e6/0.85 = 16470.59 W
        yield 'power' => [16.4705882, 'power', ['shaft-power', 'flow=40lpm', 'pressure=210 bar', 'overall=85%']];
        yield 'roundness of diameters is half the range' => [
            0.01,
            'roundness',
            ['form', 'readings=0:44.02mm;60:44.01mm;120:44.03mm', 'kind=section'],
        ];
        yield 'roundness of radii is the range' => [
            0.02,
            'roundness',
            ['form', 'readings=0:22.02mm;60:22.01mm;120:22.03mm', 'kind=section', 'reads=radius'],
        ];
        yield 'taper is signed' => [-0.001, 'taper', ['form', 'readings=top:20.02mm;bottom:20.00mm', 'kind=along', 'length=20mm']];
        yield 'flatness' => [0.03, 'flatness', ['form', 'readings=a:0.01mm;b:0.04mmx2;c:0.02mm', 'kind=face']];
        yield 'a pressure is answered in the unit first typed' => [
            101.0,
            'mean',
            ['reading-verdict', 'readings=100psi;102psi', 'max=10bar', 'resolution=1psi'],
        ];
        yield 'a temperature reading less its zero' => [
            84.0,
            'mean',
            ['reading-verdict', 'readings=85C', 'max=212F', 'resolution=1.8F', 'zero=1C'],
        ];
    }

    /** @param list<string> $words */
    #[DataProvider('hands')]
    public function testFiguresAgreeWithHandCalculations(float $expected, string $result, array $words): void
    {
        self::assertEqualsWithDelta($expected, self::value($result, ...$words), abs($expected) * 3e-8 + 1e-12);
    }

    public function testTheExampleOfTheGuideIsAnsweredInItsShape(): void
    {
        $answer = self::ask('flow', 'displacement=22.5 cc/rev', 'speed=1500 1/min');
        self::assertSame(
            ['displacement' => ['value' => 22.5, 'unit' => 'cc/rev'], 'speed' => ['value' => 1500, 'unit' => '1/min']],
            $answer['inputs'],
        );
        self::assertIsArray($answer['results']);
        self::assertIsArray($answer['results']['flow']);
        self::assertEqualsWithDelta(33.75, $answer['results']['flow']['value'], 1e-9);
        self::assertSame('L/min', $answer['results']['flow']['unit']);
        self::assertSame([], $answer['notes']);
    }

    public function testRepeatedReadingsAreEchoedAsTyped(): void
    {
        $answer = self::ask('reading-verdict', 'readings=28.51mm;28.509mmx2', 'min=28mm', 'resolution=0mm');
        self::assertIsArray($answer['inputs']);
        self::assertSame([['value' => 28.51, 'unit' => 'mm'], '28.509mmx2'], $answer['inputs']['readings']);
        self::assertSame('within', self::value('verdict', 'reading-verdict', 'readings=28.51mm;28.509mmx2', 'min=28mm', 'resolution=0mm'));
    }

    /** @return iterable<string, array{string|null, list<string>}> key at fault, words */
    public static function faults(): iterable
    {
        yield 'unknown figure' => [null, ['wobble', 'a=1']];
        yield 'unknown key' => ['colour', ['flow', 'displacement=1cc/rev', 'speed=1rpm', 'colour=red']];
        yield 'missing key' => ['speed', ['flow', 'displacement=1cc/rev']];
        yield 'repeated key' => ['speed', ['flow', 'displacement=1cc/rev', 'speed=1rpm', 'speed=2rpm']];
        yield 'size of nought' => ['displacement', ['flow', 'displacement=0cc/rev', 'speed=1rpm']];
        yield 'more out than in' => ['volumetric', ['flow', 'displacement=1cc/rev', 'speed=1rpm', 'volumetric=110%']];
        yield 'wrong dimension' => ['speed', ['flow', 'displacement=1cc/rev', 'speed=3bar']];
        yield 'gear stands proud' => ['pocket-depth', ['side-clearance', 'pocket-depth=26mm', 'gear-thickness=26.01mm']];
        yield 'two ways for one distance' => [
            'centre-distance',
            ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'bore=50mm', 'face-width=20mm'],
        ];
        yield 'half a way' => ['bore', ['displacement-external-gear', 'tip-diameter=50mm', 'cavity-height=90mm', 'face-width=20mm']];
        yield 'gears that do not mesh' => [
            'tip-diameter',
            ['displacement-external-gear', 'tip-diameter=40mm', 'centre-distance=40mm', 'face-width=20mm'],
        ];
        yield 'teeth too coarse' => [
            'tip-diameter',
            ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=49mm', 'face-width=20mm', 'teeth=3'],
        ];
        yield 'no limit at all' => ['min', ['reading-verdict', 'readings=1mm', 'resolution=0mm']];
        yield 'limits crossed' => ['min', ['reading-verdict', 'readings=1mm', 'min=2mm', 'max=1mm', 'resolution=0mm']];
        yield 'confidence of a coin' => ['confidence', ['reading-verdict', 'readings=1mm', 'min=2mm', 'resolution=0mm', 'confidence=40%']];
        yield 'mixed kinds' => ['readings', ['reading-verdict', 'readings=1mm;2bar', 'min=2mm', 'resolution=0mm']];
        yield 'feelers swapped' => ['passes', ['bracket-verdict', 'passes=0.1mm', 'stops=0.1mm', 'max=1mm']];
        yield 'a place without a name' => ['readings', ['form', 'readings=1mm;2mm', 'kind=face']];
        yield 'taper without a length' => ['length', ['form', 'readings=a:1mm;b:2mm', 'kind=along']];
        yield 'half a tooth' => [
            'teeth',
            ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'face-width=20mm', 'teeth=9.5'],
        ];
        yield 'the same feelers' => ['stops', ['bracket-verdict', 'passes=0.1mm', 'stops=0mm', 'max=1mm']];
        yield 'two values without doubt' => ['expanded-a', ['agreement', 'a=1mm', 'b=1mm', 'expanded-a=0mm', 'expanded-b=0mm']];
        yield 'no allowance to wear' => ['new', ['wear-projection', 'new=1mm', 'limit=1mm', 'now=1mm', 'service=10h']];
        yield 'service in bar' => ['service', ['wear-projection', 'new=1mm', 'limit=2mm', 'now=1mm', 'service=10bar']];
        yield 'a thread wider than its chart' => ['width', ['plastic-gauge', 'width=3mm', 'chart=1mm:0.07mm;2mm:0.04mm']];
        yield 'a width twice' => ['chart', ['plastic-gauge', 'width=1mm', 'chart=1mm:0.07mm;1.0mm:0.04mm']];
        yield 'an empty shelf' => ['stock', ['shim-pick', 'measured=1mm', 'present=', 'low=0mm', 'high=1mm', 'stock=']];
        yield 'play wanted backwards' => ['low', ['shim-pick', 'measured=1mm', 'present=', 'low=2mm', 'high=1mm', 'stock=1mm']];
        yield 'neither yes nor no' => [
            'reuse',
            ['shim-pick', 'measured=1mm', 'present=', 'low=0mm', 'high=1mm', 'stock=1mm', 'reuse=maybe'],
        ];
        yield 'a pack that does not go in' => [
            'depth',
            ['clutch-pack', 'depth=9mm', 'plates=2mmx5', 'frictions=2', 'low-per=0.1mm', 'high-per=0.2mm'],
        ];
        yield 'rings without the one in it' => [
            'present',
            ['clutch-pack', 'depth=9mm', 'plates=2mmx5', 'frictions=2', 'low-per=0.1mm', 'high-per=0.2mm', 'rings=1mm'],
        ];
        yield 'both ways of a thread' => [
            'pitch',
            ['thread-arc', 'clearance=1mm', 'housing-diameter=90mm', 'pitch=1mm', 'threads-per-inch=12'],
        ];
        yield 'no way of a thread' => ['pitch', ['thread-arc', 'clearance=1mm', 'housing-diameter=90mm']];
        yield 'a factor and a condition' => ['k', ['bolt-torque', 'torque=1Nm', 'diameter=9mm', 'k=0.2', 'condition=dry']];
        yield 'one bolt' => ['count', ['bolt-sequence', 'count=1']];
        yield 'a ring smaller than its pinion' => [
            'pinion-teeth',
            [
                'displacement-internal-gear',
                'pinion-tip-diameter=45mm',
                'pinion-teeth=19',
                'ring-tip-diameter=51mm',
                'ring-teeth=13',
                'centre-distance=9mm',
                'face-width=20mm',
            ],
        ];
        yield 'one vane' => [
            'vanes',
            ['displacement-vane', 'ring-diameter=60mm', 'eccentricity=3mm', 'width=20mm', 'vanes=1', 'thickness=2mm'],
        ];
        yield 'a plate on edge' => ['angle', ['displacement-axial-piston', 'full=100cc/rev', 'full-angle=18deg', 'angle=90deg']];
        yield 'geometry and full stroke' => [
            'pistons',
            ['displacement-axial-piston', 'full=100cc/rev', 'full-angle=18deg', 'angle=9deg', 'pistons=9'],
        ];
        yield 'flow beyond the curve' => [
            'flow',
            ['pump-curve', 'curve=0lpm@9m;10lpm@8m', 'rated-speed=10rpm', 'speed=10rpm', 'flow=11lpm', 'head=1m'],
        ];
        yield 'thicker when hot' => ['v40', ['viscosity', 'v40=6cSt', 'v100=6cSt', 'at=80C']];
        yield 'thinner than the formula' => ['v100', ['viscosity', 'v40=6cSt', 'v100=0.3cSt', 'at=80C']];
        yield 'hotter than the formula' => ['at', ['viscosity', 'v40=46cSt', 'v100=6cSt', 'at=201C']];
        yield 'more large than small particles' => ['n6', ['cleanliness', 'n4=100', 'n6=10', 'n14=11']];
        yield 'a face inside out' => [
            'inner',
            ['leak-face', 'inner=20mm', 'outer=20mm', 'gap=1um', 'pressure=1bar', 'v40=46cSt', 'v100=6cSt', 'density=870kg/m3', 'at=20C'],
        ];
        yield 'more than a turn' => [
            'angle',
            [
                'leak-face', 'inner=10mm', 'outer=20mm', 'gap=1um', 'angle=361deg', 'pressure=1bar', 'v40=46cSt',
                'v100=6cSt', 'density=870kg/m3', 'at=20C',
            ],
        ];
        yield 'a decimal comma in a path' => [
            'paths',
            [
                'held-pressure', 'displacement=2cc/rev', 'speed=1rpm', 'v40=46cSt', 'v100=6cSt', 'density=870kg/m3',
                'at=20C', 'paths=slot:60mm,0,05mm,8mm', 'demand=1mm', 'relief=1bar',
            ],
        ];
        yield 'a path of no kind' => [
            'paths',
            [
                'held-pressure', 'displacement=2cc/rev', 'speed=1rpm', 'v40=46cSt', 'v100=6cSt', 'density=870kg/m3',
                'at=20C', 'paths=hole:60mm', 'demand=1mm', 'relief=1bar',
            ],
        ];
        yield 'two failures' => ['times', ['weibull', 'times=100;200;300+']];
        yield 'a time of nought' => ['times', ['weibull', 'times=0;100;200;300']];
        yield 'all at one time' => ['times', ['weibull', 'times=100x3;50+']];
        yield 'more bad than seen' => ['events', ['rate', 'events=8', 'of=7']];
        yield 'a table that is not square' => ['table', ['kappa', 'table=20,5;10']];
        yield 'one category' => ['table', ['kappa', 'table=20,0;0,0']];
        yield 'nothing counted' => ['counts', ['pareto', 'counts=vane:0;seal:0']];
        yield 'repeated no times' => ['readings', ['form', 'readings=a:1mmx0;b:2mm', 'kind=face']];
        yield 'no value' => ['speed', ['flow', 'displacement=1cc/rev', 'speed=']];
    }

    /** @param list<string> $words */
    #[DataProvider('faults')]
    public function testBadInputNamesItsKeyAndWhatWouldBeRight(?string $key, array $words): void
    {
        $answer = self::ask(...$words);
        self::assertArrayHasKey('error', $answer);
        self::assertSame($key, $answer['key']);
    }

    public function testWithoutJsonTheReaderIsToldAndErrorsGoToTheSide(): void
    {
        [$exit, $out, $err] = (new CommandLine())->run(['flow', 'displacement=1cc/rev']);
        self::assertSame([2, ''], [$exit, $out]);
        self::assertStringContainsString('speed is missing', $err);
        [$exit, $out] = (new CommandLine())->run(['side-clearance', 'pocket-depth=2mm', 'gear-thickness=1.9mm']);
        self::assertSame(0, $exit);
        self::assertMatchesRegularExpression('/clearance\s+0\.1 mm/', $out);
    }

    public function testEveryFigureExplainsItself(): void
    {
        $registry = new FigureRegistry();
        foreach ($registry->byGroup() as $figures) {
            foreach ($figures as $card) {
                self::assertSame($card, $registry->card($card->name), 'it is asked for by the name that its card bears');
                [$exit, $out] = (new CommandLine())->run([$card->name]);
                self::assertSame(0, $exit);
                foreach ([$card->formula, $card->source, ...array_map(static fn ($key) => $key->name, $card->keys)] as $said) {
                    self::assertStringContainsString($said, $out);
                }
                [, $outcome] = $registry->compute($card->name, $card->example);
                foreach (array_keys($outcome->results()) as $result) {
                    self::assertArrayHasKey(
                        preg_replace('/-\d+$/', '-1', $result) ?? '',
                        'complaint-check' === $card->name ? $outcome->results() : $card->results,
                        'the example answers what the figure promises',
                    );
                }
            }
        }
    }

    public function testAnyGarbageEndsInAnErrorNeverInAWarning(): void
    {
        mt_srand(7);
        $letters = "0123456789.,;:@x%/-+eE mbarpsi\"'°µ−\0\xff";
        for ($i = 0; $i < 400; ++$i) {
            $typed = '';
            for ($j = mt_rand(0, 12); $j > 0; --$j) {
                $typed .= $letters[mt_rand(0, \strlen($letters) - 1)];
            }
            $answer = self::ask('reading-verdict', 'readings='.$typed, 'max=1mm', 'resolution=0.01mm');
            self::assertTrue(isset($answer['error']) || isset($answer['results']));
        }
    }
}
