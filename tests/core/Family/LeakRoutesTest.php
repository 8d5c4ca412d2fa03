<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\FoundGap;
use Japhrex\Core\Family\LeakRoute;
use Japhrex\Core\Family\Lies;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Fill\Derived;
use Japhrex\Core\Figure\Fill\Expression;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What flows into a figure from several places, and what a clearance that faces share leaks. */
final class LeakRoutesTest extends TestCase
{
    /** @param array<string, array<string, float>> $sizes reference => place => mm */
    private static function sources(array $sizes): Sources
    {
        return new class($sizes) implements Sources {
            /** @param array<string, array<string, float>> $sizes */
            public function __construct(private readonly array $sizes)
            {
            }

            public function known(string $reference): ?Known
            {
                $at = array_map(
                    static fn (string $place, float $mm): PlaceSize => new PlaceSize($place, new Size($mm * 1e-3, 1e-6)),
                    array_keys($this->sizes[$reference] ?? []),
                    array_values($this->sizes[$reference] ?? []),
                );

                return [] === $at ? null : Known::at($at, 0, [], Dimension::Length, 'mm', $reference);
            }
        };
    }

    /**
     * @param array<string, array<string, float>> $sizes
     *
     * @return array{float, float} L/min: the least and the most it may be
     */
    private static function leak(
        LeakRoute $route,
        array $sizes,
        string $pressure,
        string $v40,
        string $v100,
        string $density,
        string $at,
    ): array {
        $gap = FoundGap::of($route, self::sources($sizes), static fn (string $reference): string => $reference);
        $leak = static fn (bool $most): float => (new FigureRegistry())->compute(
            'worn-pump',
            [
                'displacement' => '100 cc/rev',
                'speed' => '1000 rpm',
                'paths' => $gap->paths($most),
                'pressure' => $pressure,
                'v40' => $v40,
                'v100' => $v100,
                'density' => $density,
                'at' => $at,
            ],
        )[1]->results()['leakage']->si()[0] * 6e4;

        return [$leak(false), $leak(true)];
    }

    /**
     * Worked out by hand with q = w·h·v, 0.75·ρ·v² + 12·μ·L·v/(k·h²) = Δp, μ by ASTM D341; the least centred, the most pressed
     * to one side.
     *
     * @return iterable<string, array{string, int, array<string, array<string, float>>, list<string>, float, float}>
     */
    public static function families(): iterable
    {
        $atf = ['34 cSt', '7.2 cSt', '850 kg/m3', '95 C'];
        $oil = ['46 cSt', '6.8 cSt', '870 kg/m3', '80 C'];
        yield 'automatic-transmission' => [
            'automatic-transmission',
            0,
            ['front-pump/side-clearance' => ['' => 0.04]],
            ['4 bar', ...$atf],
            0.0167044,
            0.0667719,
        ];
        yield 'axial-piston-pump' => [
            'axial-piston-pump',
            0,
            ['barrel/piston-clearance' => [Derived::LEAST => 0.018, Derived::LARGEST => 0.022]],
            ['120 bar', ...$oil],
            0.692497,
            1.26402,
        ];
        yield 'crescent-front-pump' => [
            'crescent-front-pump',
            0,
            ['inner-gear/side-clearance' => ['' => 0.06]],
            ['4 bar', ...$atf],
            0.225427,
            0.896214,
        ];
        yield 'distributor-injection-pump' => [
            'distributor-injection-pump',
            0,
            ['transfer-vanes/length' => ['front' => 27.758, 'rear' => 27.748]],
            ['1.5 bar', '2.8 cSt', '1.2 cSt', '840 kg/m3', '70 C'],
            0.0056515,
            0.0224972,
        ];
        yield 'external-gear-pump' => [
            'external-gear-pump',
            0,
            ['body/side-clearance' => ['' => 0.12]],
            ['60 bar', ...$oil],
            1.0481,
            1.0481,
        ];
        yield 'hydrostatic-transaxle' => [
            'hydrostatic-transaxle',
            2,
            ['centre-block/pump-ring' => ['' => 0.008]],
            ['40 bar', '100 cSt', '14 cSt', '870 kg/m3', '85 C'],
            0.00914114,
            0.00914114,
        ];
        yield 'internal-gear-process-pump' => [
            'internal-gear-process-pump',
            0,
            ['head/face-depth' => ['' => 0.06]],
            ['5 bar', '220 cSt', '19 cSt', '900 kg/m3', '70 C'],
            1.81986,
            1.81986,
        ];
        yield 'reversing-gearbox' => [
            'reversing-gearbox',
            1,
            ['shaft-bore/groove' => ['' => 0.03]],
            ['12 bar', '68 cSt', '9 cSt', '870 kg/m3', '80 C'],
            2.84383,
            2.84383,
        ];
        yield 'roller-pump' => [
            'roller-pump',
            0,
            ['body/end-clearance' => ['' => 0.26]],
            ['4 bar', '0.9 cSt', '0.4 cSt', '1150 kg/m3', '25 C'],
            5.57542,
            7.57868,
        ];
        yield 'stacked-gear-pump' => [
            'stacked-gear-pump',
            0,
            ['pressure-body/side-clearance' => ['' => 0.07]],
            ['3 bar', '68 cSt', '10 cSt', '870 kg/m3', '95 C'],
            0.090311,
            0.359354,
        ];
        yield 'transfer-case' => [
            'transfer-case',
            0,
            ['pump/side-clearance' => ['' => 0.06]],
            ['0.3 bar', '34 cSt', '7 cSt', '850 kg/m3', '90 C'],
            0.00586402,
            0.0234351,
        ];
        yield 'vane-pump' => [
            'vane-pump',
            0,
            ['ring/end-clearance' => ['' => 0.07]],
            ['40 bar', '46 cSt', '6.8 cSt', '870 kg/m3', '75 C'],
            0.801036,
            3.13154,
        ];
    }

    /**
     * @param array<string, array<string, float>> $sizes
     * @param list<string> $state
     */
    #[DataProvider('families')]
    public function testOneLeakAFamilyByHand(string $file, int $route, array $sizes, array $state, float $least, float $most): void
    {
        foreach (Books::types($file) as $content) {
            $book = (new BookFactory())->book($content);
            if (null !== $book->leaks) {
                [$low, $high] = self::leak($book->leaks->routes[$route], $sizes, ...$state);
                self::assertEqualsWithDelta(1.0, $low / $least, 1e-5);
                self::assertEqualsWithDelta(1.0, $high / $most, 1e-5);

                return;
            }
        }
        self::fail('the book has leak paths');
    }

    public function testAPartPressedToOneSideLeaksFourTimesACentredOne(): void
    {
        $route = new LeakRoute('sides', 'slot:30 mm,{gap},10 mm x2', '0.02 mm', '{a/play}', 2, Lies::Unknown);
        // So thin that all of it is laminar: h³ against 2·(h/2)³.
        [$centred, $pressed] = self::leak($route, ['a/play' => ['' => 0.01]], '10 bar', '46 cSt', '6.8 cSt', '870 kg/m3', '40 C');
        self::assertEqualsWithDelta(4.0, $pressed / $centred, 1e-3);
    }

    public function testGapsSideBySideLeakTheMeanOfTheirLeaksAndGapsInSeriesShareTheDrop(): void
    {
        $sizes = ['a/play' => ['front' => 0.010, 'rear' => 0.030]];
        $route = static fn (bool $series): LeakRoute => new LeakRoute(
            'bore',
            'slot:30 mm,{gap},10 mm',
            '0.02 mm',
            '{each(a/play)}',
            series: $series,
        );
        $one = static fn (float $gap): float => self::leak(
            new LeakRoute('one', 'slot:30 mm,{gap},10 mm', '0.02 mm', '{a/play}'),
            ['a/play' => ['' => $gap]],
            '5 bar',
            '46 cSt',
            '6.8 cSt',
            '870 kg/m3',
            '40 C',
        )[0];
        $state = ['5 bar', '46 cSt', '6.8 cSt', '870 kg/m3', '40 C'];
        self::assertEqualsWithDelta(($one(0.010) + $one(0.030)) / 2, self::leak($route(false), $sizes, ...$state)[0], 1e-9);
        // 1/h³ = (1/0.010³ + 1/0.030³)/2, h = 0.0124473 mm
        self::assertEqualsWithDelta($one(0.0124473), self::leak($route(true), $sizes, ...$state)[0], 1e-7);
    }

    public function testPlacesOfTwoPartsDoNotPairAndGiveABand(): void
    {
        $sources = self::sources(['body/bore' => ['across' => 20.03, 'along' => 20.07], 'shaft/land' => ['one' => 19.98, 'two' => 19.95]]);
        $derived = (new Filler(new FigureRegistry()))->derive(
            new Fill('tip-clearance', ['bore' => '{each(body/bore)}', 'tip-diameter' => '{each(shaft/land)}'], 'clearance'),
            $sources,
        );
        self::assertSame([Derived::LEAST, Derived::LARGEST], array_map(static fn (PlaceSize $at): string => $at->place, $derived->at));
        // (20.03 − 19.98)/2 and (20.07 − 19.95)/2
        self::assertEqualsWithDelta(0.025e-3, $derived->at[0]->size->x, 1e-12);
        self::assertEqualsWithDelta(0.060e-3, $derived->at[1]->size->x, 1e-12);
        self::assertSame(
            'outside at '.Derived::LARGEST,
            $derived->judge(new Limits(null, null, Quantity::of(0.05, 'mm', Dimension::Length)))?->says(),
        );
        // Two readings, each ± 1 µm: half of √2 µm.
        self::assertEqualsWithDelta(sqrt(2) / 2 * 1e-6, $derived->at[0]->size->u, 1e-10);
    }

    public function testAFigureSaysWhatItTakes(): void
    {
        $sources = self::sources(['ring/width' => ['top' => 22.01, 'bottom' => 22.05, 'inlet' => 22.03]]);
        self::assertSame(
            ['22.01 mm', '22.05 mm', '22.03 mm', '22.01 mm'],
            array_map(
                static fn (string $take): ?string => Expression::of($take.'(ring/width)')->text($sources),
                ['least', 'largest', 'mean', 'worst'],
            ),
        );
    }
}
