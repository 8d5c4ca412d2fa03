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
    /** @return array<string, mixed> */
    private static function ask(string ...$words): array
    {
        [$exit, $out] = (new CommandLine())->run([...array_values($words), '--json']);
        $answer = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        self::assertSame(isset($answer['error']) ? 2 : 0, $exit);

        /* @var array<string, mixed> $answer */
        return $answer;
    }

    private static function value(string $result, string ...$words): float|string
    {
        $answer = self::ask(...$words);
        self::assertIsArray($answer['results'] ?? null, json_encode($answer) ?: '');
        self::assertIsArray($answer['results'][$result] ?? null);
        $value = $answer['results'][$result]['value'];
        self::assertTrue(\is_string($value) || \is_int($value) || \is_float($value));

        return \is_int($value) ? (float) $value : $value;
    }

    /** @return iterable<string, array{float, string, list<string>}> expected, result, words */
    public static function hands(): iterable
    {
        yield 'side clearance' => [0.06, 'clearance', ['side-clearance', 'pocket-depth=26.06mm', 'gear-thickness=26mm']];
        yield 'tip clearance in thou comes out in mm' => [0.0254, 'clearance', ['tip-clearance', 'bore=1.002in', 'tip-diameter=1in']];
        // 2π·20·(25² − 20²) = 9000π mm³ = 28.2743338823 cm³, an upper bound
        yield 'displacement without teeth' => [28.2743338823, 'displacement', ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'face-width=20mm']];
        // m = 4, p_b = π·4·cos 20° = 11.80852; p_b²/12 = 11.620097; 2π·20·(225 − 11.620097) = 26814.108 mm³
        yield 'displacement with teeth' => [26.814108, 'displacement', ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'face-width=20mm', 'teeth=10']];
        // p_b²/48 = 2.905024: 2π·20·222.094976 = 27909.277 mm³
        yield 'both flanks seal' => [27.909277, 'displacement', ['displacement-external-gear', 'tip-diameter=50mm', 'cavity-height=90mm', 'bore=50mm', 'face-width=20mm', 'module=4mm', 'flanks=2']];
        yield 'flow' => [31.05, 'flow', ['flow', 'displacement=22.5cc/rev', 'speed=1500rpm', 'volumetric=92%']];
        // 28.7e-6 · 21e6/(2π·0.9) = 95.922684/0.9 = 106.580760 N·m
        yield 'torque of a pump' => [106.58076022, 'torque', ['shaft-torque', 'displacement=28.7cc/rev', 'pressure=210bar', 'mechanical=0.9']];
        yield 'torque of a motor' => [86.33041578, 'torque', ['shaft-torque', 'displacement=28.7cc/rev', 'pressure=210bar', 'mechanical=0.9', 'machine=motor']];
        // 40/60000 · 21e6/0.85 = 16470.59 W
        yield 'power' => [16.4705882, 'power', ['shaft-power', 'flow=40lpm', 'pressure=210 bar', 'overall=85%']];
        yield 'roundness of diameters is half the range' => [0.01, 'roundness', ['form', 'readings=0:44.02mm;60:44.01mm;120:44.03mm', 'kind=section']];
        yield 'roundness of radii is the range' => [0.02, 'roundness', ['form', 'readings=0:22.02mm;60:22.01mm;120:22.03mm', 'kind=section', 'reads=radius']];
        yield 'taper is signed' => [-0.001, 'taper', ['form', 'readings=top:20.02mm;bottom:20.00mm', 'kind=along', 'length=20mm']];
        yield 'flatness' => [0.03, 'flatness', ['form', 'readings=a:0.01mm;b:0.04mmx2;c:0.02mm', 'kind=face']];
        yield 'a pressure is answered in the unit first typed' => [101.0, 'mean', ['reading-verdict', 'readings=100psi;102psi', 'max=10bar', 'resolution=1psi']];
        yield 'a temperature reading less its zero' => [84.0, 'mean', ['reading-verdict', 'readings=85C', 'max=212F', 'resolution=1.8F', 'zero=1C']];
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
        self::assertSame(['displacement' => ['value' => 22.5, 'unit' => 'cc/rev'], 'speed' => ['value' => 1500, 'unit' => '1/min']], $answer['inputs']);
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
        yield 'two ways for one distance' => ['centre-distance', ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'bore=50mm', 'face-width=20mm']];
        yield 'half a way' => ['bore', ['displacement-external-gear', 'tip-diameter=50mm', 'cavity-height=90mm', 'face-width=20mm']];
        yield 'gears that do not mesh' => ['tip-diameter', ['displacement-external-gear', 'tip-diameter=40mm', 'centre-distance=40mm', 'face-width=20mm']];
        yield 'teeth too coarse' => ['tip-diameter', ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=49mm', 'face-width=20mm', 'teeth=3']];
        yield 'no limit at all' => ['min', ['reading-verdict', 'readings=1mm', 'resolution=0mm']];
        yield 'limits crossed' => ['min', ['reading-verdict', 'readings=1mm', 'min=2mm', 'max=1mm', 'resolution=0mm']];
        yield 'confidence of a coin' => ['confidence', ['reading-verdict', 'readings=1mm', 'min=2mm', 'resolution=0mm', 'confidence=40%']];
        yield 'mixed kinds' => ['readings', ['reading-verdict', 'readings=1mm;2bar', 'min=2mm', 'resolution=0mm']];
        yield 'feelers swapped' => ['passes', ['bracket-verdict', 'passes=0.1mm', 'stops=0.1mm', 'max=1mm']];
        yield 'a place without a name' => ['readings', ['form', 'readings=1mm;2mm', 'kind=face']];
        yield 'taper without a length' => ['length', ['form', 'readings=a:1mm;b:2mm', 'kind=along']];
        yield 'half a tooth' => ['teeth', ['displacement-external-gear', 'tip-diameter=50mm', 'centre-distance=40mm', 'face-width=20mm', 'teeth=9.5']];
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
            foreach ($figures as $figure) {
                [$exit, $out] = (new CommandLine())->run([$figure->name()]);
                self::assertSame(0, $exit);
                foreach ([$figure->formula(), $figure->source(), ...array_map(static fn ($key) => $key->name, $figure->keys())] as $said) {
                    self::assertStringContainsString($said, $out);
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
