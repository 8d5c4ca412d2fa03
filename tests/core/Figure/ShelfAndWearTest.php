<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold whatever the numbers are: of the shelf, of leaks, of the pressure a pump holds. */
final class ShelfAndWearTest extends TestCase
{
    use Asks;

    private const OIL = ['v40=46cSt', 'v100=6.8cSt', 'density=870kg/m3'];

    public function testAShimPickIsTheBestThatTheShelfAllows(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 60; ++$round) {
            $shelf = [];
            for ($i = mt_rand(1, 4); $i > 0; --$i) {
                $shelf[mt_rand(8, 20) * 50] = mt_rand(1, 2);
            }
            $most = mt_rand(1, 3);
            $bare = mt_rand(500, 2500);
            $stock = implode(';', array_map(static fn (int $size, int $n): string => $size.'umx'.$n, array_keys($shelf), $shelf));
            $words = ['shim-pick', "measured={$bare}um", 'present=', 'low=100um', 'high=200um', 'stock='.$stock, "most=$most"];
            $shims = self::found('shims', ...$words);
            self::assertIsArray($shims);
            $picked = array_map(static fn (mixed $mm): int => \is_float($mm) || \is_int($mm) ? (int) round($mm * 1000) : 0, $shims);
            foreach (array_count_values($picked) as $size => $n) {
                self::assertLessThanOrEqual($shelf[$size] ?? 0, $n, 'only what lies there');
            }
            self::assertSame(self::bestByHand($bare, $shelf, $most), $picked, implode(' ', $words));
            $play = $bare - array_sum($picked);
            self::assertSame($play >= 100 && $play <= 200, self::found('fit', ...$words));
        }
    }

    /**
     * Every stack tried, one after the other.
     *
     * @param array<int, int> $shelf µm => pieces
     *
     * @return list<int> µm, thickest first
     */
    private static function bestByHand(int $bare, array $shelf, int $most): array
    {
        $pieces = [];
        foreach ($shelf as $size => $n) {
            array_push($pieces, ...array_fill(0, $n, $size));
        }
        $best = [];
        $rank = null;
        for ($bits = 1; $bits < 2 ** \count($pieces); ++$bits) {
            $stack = array_values(array_filter($pieces, static fn (int $i): bool => 0 !== ($bits >> $i & 1), \ARRAY_FILTER_USE_KEY));
            rsort($stack);
            $now = [abs($bare - array_sum($stack) - 150), \count($stack), ...array_map(static fn (int $s): int => -$s, $stack)];
            if (
                \count($stack) <= $most && (
                    null === $rank
                        || [$now[0], $now[1]] < [$rank[0], $rank[1]]
                        || ([$now[0], $now[1]] === [$rank[0], $rank[1]] && $now < $rank)
                )
            ) {
                [$best, $rank] = [$stack, $now];
            }
        }

        return $best;
    }

    public function testAShelfThatRunsOutSaysSoAndWhichWay(): void
    {
        $words = ['shim-pick', 'measured=0.62mm', 'present=1.2mm', 'low=0.1mm', 'high=0.2mm', 'stock=1.2mm;1.4mmx2'];
        self::assertFalse(self::found('fit', ...$words));
        self::assertEqualsWithDelta(0.22, self::value('short-by', ...$words), 1e-12);
        self::assertStringContainsString('too loose', implode('', self::notes(...$words)));
        self::assertStringContainsString(
            'too tight',
            implode('', self::notes('shim-pick', 'measured=0.1mm', 'present=', 'low=0.1mm', 'high=0.2mm', 'stock=1mmx*')),
        );
    }

    public function testShimsTakenOutLieOnTheShelfOnlyWhenTheyMayBeReused(): void
    {
        $words = ['shim-pick', 'measured=0.15mm', 'present=0.7mm', 'low=0.1mm', 'high=0.2mm', 'stock=0.9mm'];
        self::assertSame([0.9], self::found('shims', ...$words));
        self::assertSame([0.7], self::found('shims', ...[...$words, 'reuse=yes']));
    }

    public function testOnATieTheFewestThenTheThickest(): void
    {
        $words = ['shim-pick', 'measured=1.15mm', 'present=', 'low=0.1mm', 'high=0.2mm', 'most=3'];
        self::assertSame([1], self::found('shims', ...[...$words, 'stock=0.5mmx2;1mm;0.3mm;0.7mm']));
        self::assertSame([0.7, 0.3], self::found('shims', ...[...$words, 'stock=0.5mmx2;0.3mm;0.7mm']));
    }

    public function testALaminarLeakGrowsWithTheCubeOfTheGap(): void
    {
        $leak = static fn (string $gap): float => (float) self::value(
            'leakage',
            'leak-slot',
            'width=60mm',
            "gap=$gap",
            'length=20mm',
            'pressure=5bar',
            'v40=460cSt',
            'v100=30cSt',
            'density=890kg/m3',
            'at=20C',
        );
        self::assertEqualsWithDelta(8.0, $leak('20um') / $leak('10um'), 1e-3);
        self::assertEqualsWithDelta(27.0, $leak('30um') / $leak('10um'), 1e-2);
        // the textbook w·h³Δp/(12μL) itself, μ from the figure of viscosity
        $mu = (float) self::value('dynamic', 'viscosity', 'v40=460cSt', 'v100=30cSt', 'density=890kg/m3', 'at=20C') * 1e-3;
        self::assertEqualsWithDelta(0.06 * 1e-15 * 5e5 / (12 * $mu * 0.02) * 6e4, $leak('10um'), 1e-3 * $leak('10um'));
    }

    public function testACoarseGapIsAnOrificeAndSaysThatItIsTurbulent(): void
    {
        // laminar loss negligible: v = √(Δp/0.75ρ), ρ = 870
        $words = [
            'leak-slot', 'width=10mm', 'gap=2mm', 'length=1mm', 'pressure=10bar', 'v40=2cSt', 'v100=1cSt',
            'density=870kg/m3', 'at=15C',
        ];
        self::assertEqualsWithDelta(sqrt(1e6 / 0.75 / 870), self::value('velocity', ...$words), 0.05);
        self::assertStringContainsString('true leak is smaller', implode('', self::notes(...$words)));
        self::assertSame(
            0,
            self::found('leakage', 'leak-face', 'inner=5mm', 'outer=6mm', 'gap=0mm', 'pressure=10bar', ...[...self::OIL, 'at=20C']),
        );
    }

    public function testHeldPressureNeverExceedsReliefAndBalancesTheFlows(): void
    {
        mt_srand(9);
        for ($i = 0; $i < 60; ++$i) {
            $pump = [
                'displacement='.mt_rand(5, 60).'cc/rev',
                'speed='.mt_rand(300, 2500).'rpm',
                ...self::OIL,
                'at='.mt_rand(10, 95).'C',
                'paths=slot:60mm,'.mt_rand(1, 12).'0um,8mmx4',
            ];
            $demand = mt_rand(0, 30) / 10;
            $words = ['held-pressure', ...$pump, "demand={$demand}mm", 'relief=180bar'];
            $held = (float) self::value('pressure', ...$words);
            self::assertLessThanOrEqual(180.0, $held);
            if (false === self::found('relieving', ...$words)) {
                $at = 'pressure='.\sprintf('%.12F', $held).'bar';
                $theoretical = (float) self::value('theoretical', 'worn-pump', ...[...$pump, $at]);
                $leak = (float) self::value('leakage', 'worn-pump', ...[...$pump, $at]);
                $density = 870 * (1 - 0.00065 * ((float) substr($pump[5], 3, -1) - 15));
                $fed = $demand > 0 ? (float) self::value('flow', 'orifice', "diameter={$demand}mm", $at, 'density='.$density.'kg/m3') : 0.0;
                self::assertEqualsWithDelta($theoretical, $leak + $fed, 1e-6 * $theoretical);
            }
        }
    }

    /**
     * @return iterable<string, array{
     *     string, float, float, float,
     * }> pattern, gap found µm, pressure needed bar, demand mm; separate script of the equations
     */
    public static function patterns(): iterable
    {
        yield 'holds everywhere' => ['never', 20, 100, 1.5];
        yield 'gone hot and at idle' => ['hot-idle', 60, 50, 1.5];
        yield 'gone whenever hot' => ['hot', 60, 100, 1.5];
        yield 'only cold and revved is left' => ['all-but-cold-working', 60, 120, 1.5];
        yield 'even a new pump could not' => ['new-fails', 60, 130, 1.5];
    }

    #[DataProvider('patterns')]
    public function testThePatternOfTheWearIsTold(string $pattern, float $gap, float $needed, float $demand): void
    {
        $words = [
            'complaint-check', 'displacement=22.5cc/rev', 'new-paths=slot:60mm,20um,8mmx4',
            "found-paths=slot:60mm,{$gap}um,8mmx4", "needed={$needed}bar", 'idle=600rpm', 'working=1800rpm', 'cold=20C',
            'hot=90C', ...self::OIL, "demand={$demand}mm", 'relief=200bar',
        ];
        self::assertSame($pattern, self::value('pattern', ...$words));
        self::assertCount(1, self::notes(...$words));
    }

    public function testTheEightPressuresAreThoseOfTheEquations(): void
    {
        $words = [
            'complaint-check', 'displacement=22.5cc/rev', 'new-paths=slot:60mm,20um,8mmx4',
            'found-paths=slot:60mm,60um,8mmx4', 'needed=50bar', 'idle=600rpm', 'working=1800rpm', 'cold=20C', 'hot=90C',
            ...self::OIL, 'demand=1.5mm', 'relief=200bar',
        ];
        foreach (
            [
                'cold-idle-new' => 177.90823748958,
                'cold-idle-found' => 109.48134547695,
                'cold-working-new' => 200.0,
                'cold-working-found' => 200.0,
                'hot-idle-new' => 124.45057150483,
                'hot-idle-found' => 20.16984880111,
                'hot-working-new' => 200.0,
                'hot-working-found' => 77.26703883327,
            ] as $state => $bar
        ) {
            self::assertEqualsWithDelta($bar, self::value($state, ...$words), 1e-8 * $bar);
        }
    }
}
