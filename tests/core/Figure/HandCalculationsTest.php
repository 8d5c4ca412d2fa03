<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use Japhrex\Core\Figure\Input\Paths;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every figure against values worked out outside this program: by hand in the comment, or by a separate script of the textbook formula. */
final class HandCalculationsTest extends TestCase
{
    use Asks;

    private const OIL = ['v40=46cSt', 'v100=6.8cSt', 'density=870kg/m3'];
    private const PATHS = 'paths=slot:60mm,0.05mm,8mmx4;face:10mm,20mm,0.04mmx2';
    private const WEIBULL = ['weibull', 'times=410;530+;620;700;800+x2;905'];

    /** @return iterable<string, array{float, string, list<string>}> expected, result, words */
    public static function hands(): iterable
    {
        yield 'difference' => [0.06, 'difference', ['difference', 'a=26.06mm', 'b=26mm', 'u-a=3um', 'u-b=4um']];
        yield 'its uncertainty is larger than each' => [0.005, 'u', ['difference', 'a=26.06mm', 'b=26mm', 'u-a=3um', 'u-b=4um']];
        yield 'a difference of temperatures' => [20.0, 'difference', ['difference', 'a=80C', 'b=140F', 'u-a=1K', 'u-b=1.8F']];
        // 2.62 − 2.10 − 0.05 = 0.47; 0.47 / 2.62 = 0.179389313
        yield 'squeeze of a ring' => [0.47, 'squeeze', ['seal-compression', 'cord=2.62mm', 'depth=2.1mm', 'gap=0.05mm']];
        yield 'its share' => [0.179389312977, 'share', ['seal-compression', 'cord=2.62mm', 'depth=2.1mm', 'gap=0.05mm']];
        // 42.10 + 0.10 − (16.00 + 12.05 + 13.80) = 0.35; 0.01·√4 = 0.02
        yield 'play of a stack' => [0.35, 'play', ['stack-sum', 'depth=42.1mm', 'sizes=16mm;12.05mm;13.8mm', 'gasket=0.1mm']];
        yield 'how sure' => [0.02, 'u-play', ['stack-sum', 'depth=42.1mm', 'sizes=16mm;12.05mm;13.8mm', 'u=0.01mm']];
        yield 'a stack that stands proud' => [-0.15, 'play', ['stack-sum', 'depth=41.7mm', 'sizes=16mm;12.05mm;13.8mm']];
        // 0.15 + 0.03 = 0.18 off; a passage of 1.20 keeps 1.02, a plug 0.10 under the face stands proud by 0.08
        $face = [
            'machining-budget', 'deepest=0.15mm', 'allowance=0.03mm', 'thickness=12mm', 'min-thickness=11.8mm', 'end-play=0.2mm',
            'end-play-high=0.3mm', 'shim-room=0.1mm',
        ];
        yield 'passage after machining' => [1.02, 'passage-left', [...$face, 'passage=1.2mm', 'min-passage=1mm']];
        yield 'plug after machining' => [-0.08, 'plug-left', [...$face, 'plug=0.1mm']];
        // A bearing of 4.00 for a washer of 1.50: room now 0.40 + 1.50 − 4.00 = −2.10; for 0.15 of play 2.25 come off, 11.75 are left.
        $added = [
            'added-bearing', 'bearing=4mm', 'washer=1.5mm', 'end-play=0.4mm', 'low=0.1mm', 'high=0.2mm', 'thickness=14mm',
            'min-thickness=11.5mm',
        ];
        yield 'room for a bearing' => [2.25, 'remove', $added];
        yield 'least of it' => [2.2, 'remove-least', $added];
        yield 'most of it' => [2.3, 'remove-most', $added];
        yield 'what is left of the part' => [11.75, 'left-thickness', $added];
        yield 'how far it leans afterwards' => [0.02, 'spread', [...$added, 'after=11.73mm;11.74mm;11.75mm']];
        // −2.10 + 14.00 − 11.75: the thickest place touches first
        yield 'play at the thickest place' => [0.15, 'end-play-after', [...$added, 'after=11.73mm;11.74mm;11.75mm']];
        // A hole of 4 with its middle at 14 ends at 16; with 1 to be sure 17. A plug of 12 stands 5 under the face at least; a passage at
        // 22 lets it go to 10, where its outer end is still short of 11.
        $plug = ['plug-depth', 'hole-middle=14mm', 'hole-diameter=4mm', 'overlap=1mm', 'plug=12mm', 'behind=22mm'];
        yield 'a plug covers the hole' => [5.0, 'least', $plug];
        yield 'and no more' => [10.0, 'most', $plug];
        // 17 long it covers from the face on: flush is the only place where the passage at 17 stays open
        $flush = [...array_values(array_diff($plug, ['plug=12mm', 'behind=22mm'])), 'plug=17mm', 'behind=17mm'];
        yield 'flush and no deeper' => [0.0, 'room', $flush];
        // 8 long: from 9 on it covers, its outer end at 11 at most, and 22 − 8 = 14 would be too deep for the hole
        yield 'a short plug is bound by the hole' => [11.0, 'most', [...array_values(array_diff($plug, ['plug=12mm'])), 'plug=8mm']];
        // 0.4 bar · 60/80 · 24/32 = 0.225; of 1.5 bar 0.15; cold 0.4 · 60/80 · 400/32 = 3.75; a third of 1.5: 0.5/0.4 · 80 · 32/24 = 133.33
        $filter = ['filter-flow', 'flow=60lpm', 'rated-flow=80lpm', 'rated-drop=0.4bar', 'viscosity=24cSt', 'cold=400cSt', 'most=1.5bar'];
        yield 'drop of a filter' => [0.225, 'drop', $filter];
        yield 'its share of the bypass' => [0.15, 'share', $filter];
        yield 'cold' => [3.75, 'cold-drop', $filter];
        yield 'the most that still fits' => [133.333333333, 'largest-flow', $filter];
        yield 'agreement' => [0.8, 'en', ['agreement', 'a=1.008mm', 'b=1mm', 'expanded-a=0.006mm', 'expanded-b=0.008mm']];
        // worn 0.04 of 0.10 in 1000 h: 4e-5 mm/h, 1500 h left
        yield 'rate of wear' => [4e-5, 'rate', ['wear-projection', 'new=20mm', 'limit=19.9mm', 'now=19.96mm', 'service=1000h']];
        yield 'way left' => [1500.0, 'left', ['wear-projection', 'new=20mm', 'limit=19.9mm', 'now=19.96mm', 'service=1000h']];
        // now ± 9.8 µm: 50.2/49.8·1000 and 69.8/30.2·1000
        yield 'way left, low' => [
            1008.03212851406,
            'left-low',
            ['wear-projection', 'new=20mm', 'limit=19.9mm', 'now=19.96mm', 'service=1000h', 'u=0.005mm'],
        ];
        yield 'way left, high' => [
            2311.25827814570,
            'left-high',
            ['wear-projection', 'new=20mm', 'limit=19.9mm', 'now=19.96mm', 'service=1000h', 'u=0.005mm'],
        ];
        yield 'past the limit' => [0.0, 'left', ['wear-projection', 'new=1mm', 'limit=1.2mm', 'now=1.3mm', 'service=400km']];
        yield 'plastic gauge' => [0.0635, 'clearance', ['plastic-gauge', 'width=1.25mm', 'chart=1.5mm:0.051mm;1.0mm:0.076mm;2mm:0.038mm']];
        yield 'clutch clearance' => [
            1.2,
            'clearance',
            ['clutch-pack', 'depth=25mm', 'plates=2mmx6;1.6mmx6', 'cushion=2.2mm', 'frictions=6', 'low-per=0.15mm', 'high-per=0.25mm'],
        ];
        yield 'clutch, a friction plate' => [
            0.2,
            'per-friction',
            ['clutch-pack', 'depth=25mm', 'plates=2mmx6;1.6mmx6', 'cushion=2.2mm', 'frictions=6', 'low-per=0.15mm', 'high-per=0.25mm'],
        ];
        yield 'clutch ring' => [
            2.4,
            'ring',
            [
                'clutch-pack',
                'depth=25mm',
                'plates=2mmx6;1.6mmx6',
                'frictions=6',
                'low-per=0.15mm',
                'high-per=0.25mm',
                'rings=1.6mm;2.0mm;2.4mm;4.6mm',
                'present=0.2mm',
            ],
        ];
        yield 'cone' => [0.2, 'cone', ['dish', 'rim-high=2.3mm', 'rim-low=2.1mm', 'thickness=2mm']];
        yield 'warp' => [0.2, 'warp', ['dish', 'rim-high=2.3mm', 'rim-low=2.1mm', 'thickness=2mm']];
        yield 'what is machined off opens the end play' => [
            0.38,
            'end-play-after',
            [
                'machining-budget',
                'deepest=0.15mm',
                'allowance=0.03mm',
                'thickness=12mm',
                'min-thickness=11.8mm',
                'end-play=0.2mm',
                'end-play-high=0.3mm',
                'shim-room=0.1mm',
            ],
        ];
        // π·100·0.2/1.5
        yield 'thread arc' => [41.8879020478639, 'arc', ['thread-arc', 'clearance=0.2mm', 'housing-diameter=100mm', 'pitch=1.5mm']];
        yield 'thread turn' => [48.0, 'turn', ['thread-arc', 'clearance=0.2mm', 'housing-diameter=100mm', 'pitch=1.5mm']];
        yield 'thread arc by the inch' => [
            29.6843400393193,
            'arc',
            ['thread-arc', 'clearance=0.2mm', 'housing-diameter=100mm', 'threads-per-inch=12'],
        ];
        yield 'preload dry' => [25000.0, 'preload', ['bolt-torque', 'torque=50Nm', 'diameter=10mm']];
        yield 'preload oiled' => [33333.3333333333, 'preload', ['bolt-torque', 'torque=50Nm', 'diameter=10mm', 'condition=oiled']];
        yield 'preload with a factor' => [50000.0, 'preload', ['bolt-torque', 'torque=50Nm', 'diameter=10mm', 'k=0.1']];
        yield 'grease' => [34.0, 'strokes', ['grease', 'mass=50g', 'per-stroke=1.5g']];
        yield 'grease that comes out even' => [30.0, 'strokes', ['grease', 'mass=45g', 'per-stroke=1.5g']];
        // m = 3, z 13 and 19, a = 9: separate script of the formula
        $ring = [
            'pinion-tip-diameter=45mm',
            'pinion-teeth=13',
            'ring-tip-diameter=51mm',
            'ring-teeth=19',
            'centre-distance=9mm',
            'face-width=20mm',
        ];
        yield 'internal gear' => [14.7515372633997, 'displacement', ['displacement-internal-gear', ...$ring]];
        yield 'internal gear driven by its ring' => [
            21.5599390772765,
            'displacement',
            ['displacement-internal-gear', ...$ring, 'driver=ring', 'module=3mm'],
        ];
        yield 'internal gear, both flanks' => [14.8488055851821, 'displacement', ['displacement-internal-gear', ...$ring, 'flanks=2']];
        $gerotor = ['displacement-gerotor', 'inner-teeth=6', 'largest-chamber=180mm2', 'smallest-chamber=20mm2', 'face-width=15mm'];
        yield 'gerotor' => [14.4, 'displacement', $gerotor];
        yield 'gerotor by the outer' => [16.8, 'displacement', [...$gerotor, 'driver=outer']];
        yield 'orbiting' => [100.8, 'displacement', [...$gerotor, 'driver=orbiting']];
        $vane = ['displacement-vane', 'ring-diameter=60mm', 'eccentricity=3mm', 'width=20mm', 'vanes=10', 'thickness=2mm'];
        yield 'vane' => [19.9666879558878, 'displacement', $vane];
        yield 'vane whose feet pump' => [22.2492235949962, 'displacement', [...$vane, 'feet=pumping']];
        $balanced = ['displacement-vane-balanced', 'major-radius=35mm', 'minor-radius=31mm', 'width=20mm', 'vanes=10', 'thickness=2mm'];
        yield 'balanced vane' => [29.9258532638738, 'displacement', [...$balanced, 'incline=10deg']];
        yield 'balanced vane whose feet pump' => [33.1752184219083, 'displacement', [...$balanced, 'feet=pumping']];
        $piston = ['displacement-axial-piston', 'pistons=9', 'piston-diameter=20mm', 'pitch-diameter=80mm', 'angle=15deg'];
        yield 'axial piston' => [60.6086794423392, 'displacement', $piston];
        yield 'bent axis' => [58.5434887706307, 'displacement', [...$piston, 'kind=bent']];
        yield 'at part stroke' => [
            54.2678645685636,
            'displacement',
            ['displacement-axial-piston', 'full=100cc/rev', 'full-angle=18deg', 'angle=10deg'],
        ];
        yield 'radial piston' => [
            7.06858347057704,
            'displacement',
            ['displacement-radial-piston', 'pistons=5', 'piston-diameter=15mm', 'eccentricity=4mm'],
        ];
        // 100e5·48/60000 = 8000 W over 0.85·10000 W
        yield 'power curve' => [
            0.941176470588235,
            'ratio-1',
            ['power-curve', 'power=10kW', 'overall=85%', 'points=100bar@48lpm;150bar@40lpm', 'tolerance=10%'],
        ];
        // half speed: 200 L/min at 28/4 m, 400 L/min at 19/4 m; at 300 half way
        yield 'pump curve' => [
            5.875,
            'expected',
            ['pump-curve', 'curve=800lpm@19m;400lpm@28m;0lpm@32m', 'rated-speed=3000rpm', 'speed=1500rpm', 'flow=300lpm', 'head=4.7m'],
        ];
        yield 'loss of head' => [
            0.2,
            'loss',
            ['pump-curve', 'curve=800lpm@19m;400lpm@28m;0lpm@32m', 'rated-speed=3000rpm', 'speed=1500rpm', 'flow=300lpm', 'head=4.7m'],
        ];
        yield 'viscosity' => [11.1026106251269, 'viscosity', ['viscosity', ...self::OIL, 'at=80C']];
        yield 'density' => [833.2425, 'density', ['viscosity', ...self::OIL, 'at=176F']];
        yield 'dynamic viscosity' => [9.25116703380734, 'dynamic', ['viscosity', ...self::OIL, 'at=80C']];
        yield 'slot' => [
            4.83816142275099,
            'leakage',
            ['leak-slot', 'width=60mm', 'gap=0.05mm', 'length=8mm', 'pressure=100bar', ...self::OIL, 'at=80C'],
        ];
        yield 'its velocity' => [
            26.8786745708389,
            'velocity',
            ['leak-slot', 'width=60mm', 'gap=0.05mm', 'length=8mm', 'pressure=100bar', ...self::OIL, 'at=80C'],
        ];
        yield 'its Reynolds number' => [
            242.093283087927,
            'reynolds',
            ['leak-slot', 'width=60mm', 'gap=0.05mm', 'length=8mm', 'pressure=100bar', ...self::OIL, 'at=80C'],
        ];
        yield 'annulus' => [
            0.248946952186777,
            'leakage',
            ['leak-annulus', 'diameter=20mm', 'gap=0.02mm', 'length=30mm', 'eccentricity=0.5', 'pressure=200bar', ...self::OIL, 'at=80C'],
        ];
        yield 'face' => [
            3.05508032159505,
            'leakage',
            ['leak-face', 'inner=10mm', 'outer=20mm', 'gap=0.04mm', 'pressure=100bar', ...self::OIL, 'at=80C'],
        ];
        yield 'half a face' => [
            1.52754016079753,
            'leakage',
            ['leak-face', 'inner=10mm', 'outer=20mm', 'gap=0.04mm', 'angle=180deg', 'pressure=100bar', ...self::OIL, 'at=80C'],
        ];
        yield 'orifice' => [17.9266173144547, 'flow', ['orifice', 'diameter=2mm', 'pressure=100bar', 'density=850kg/m3']];
        yield 'leakage uncut' => [
            25.4628063341941,
            'leakage',
            ['worn-pump', 'displacement=22.5cc/rev', 'speed=800rpm', 'pressure=100bar', ...self::OIL, 'at=80C', self::PATHS],
        ];
        yield 'delivered is not below 0' => [
            0.0,
            'delivered',
            ['worn-pump', 'displacement=22.5cc/rev', 'speed=800rpm', 'pressure=100bar', ...self::OIL, 'at=80C', self::PATHS],
        ];
        yield 'held pressure' => [
            30.52955849632,
            'pressure',
            [
                'held-pressure',
                'displacement=22.5cc/rev',
                'speed=800rpm',
                ...self::OIL,
                'at=80C',
                self::PATHS,
                'demand=2mm',
                'relief=200bar',
            ],
        ];
        $spline = [
            'spline-stress',
            'torque=500Nm',
            'pitch-diameter=40mm',
            'teeth=20',
            'tooth-height=2mm',
            'engaged-length=30mm',
            'root-diameter=36mm',
        ];
        yield 'spline flank' => [41.6666666666667, 'flank', $spline];
        yield 'spline shear' => [54.5798844622412, 'shear', $spline];
        // separate script: golden section over the likelihood, bisection for the bounds
        yield 'Weibull shape' => [4.4514003, 'shape', self::WEIBULL];
        yield 'Weibull scale' => [834.06521828, 'scale', self::WEIBULL];
        yield 'Weibull B10' => [503.0905447, 'b10', self::WEIBULL];
        yield 'Weibull shape low' => [1.64058004, 'shape-low', self::WEIBULL];
        yield 'Weibull shape high' => [8.9806325, 'shape-high', self::WEIBULL];
        yield 'Weibull scale low' => [667.9553015, 'scale-low', self::WEIBULL];
        yield 'Weibull scale high' => [1263.8647818, 'scale-high', self::WEIBULL];
        yield 'Weibull B10 low' => [222.7508556, 'b10-low', self::WEIBULL];
        yield 'Weibull B10 high' => [680.2091187, 'b10-high', self::WEIBULL];
        yield 'Wilson low' => [0.0434757646567589, 'low', ['rate', 'events=5', 'of=50']];
        yield 'Wilson high' => [0.213602315486132, 'high', ['rate', 'events=5', 'of=50']];
        yield 'kappa' => [0.4, 'kappa', ['kappa', 'table=20,5;10,15']];
        yield 'kappa low' => [0.151092288513309, 'low', ['kappa', 'table=20,5;10,15']];
        yield 'kappa linear' => [0.597636465953855, 'kappa', ['kappa', 'table=20,5,1;4,15,6;1,3,10', 'weights=linear']];
        yield 'kappa quadratic high' => [0.831912863799928, 'high', ['kappa', 'table=20,5,1;4,15,6;1,3,10', 'weights=quadratic']];
        yield 'pareto' => [0.75, 'share-1', ['pareto', 'counts=vane:8;seal:30;shaft:2']];
        yield 'pareto running' => [0.95, 'running-2', ['pareto', 'counts=vane:8;seal:30;shaft:2']];
    }

    /** @param list<string> $words */
    #[DataProvider('hands')]
    public function testFiguresAgreeWithHandCalculations(float $expected, string $result, array $words): void
    {
        $tolerance = str_starts_with($words[0], 'weibull') || 'held-pressure' === $words[0] ? 1e-7 : 1e-9;
        self::assertEqualsWithDelta($expected, self::value($result, ...$words), abs($expected) * $tolerance + 1e-14);
    }

    public function testBoltsAreTightenedCrossWise(): void
    {
        self::assertSame([1, 5, 3, 7, 2, 6, 4, 8], self::found('order', 'bolt-sequence', 'count=8'));
        self::assertSame([1, 4, 2, 5, 3, 6], self::found('order', 'bolt-sequence', 'count=6'));
        self::assertSame([1, 2], self::found('order', 'bolt-sequence', 'count=2'));
    }

    /** @return iterable<string, array{string, list<string>}> code, counts; the table of ISO 4406 */
    public static function counts(): iterable
    {
        yield 'within the classes' => ['18/16/13', ['n4=1830', 'n6=517', 'n14=55']];
        yield 'up to and including' => ['18/17/6', ['n4=2500', 'n6=1300', 'n14=0.64']];
        yield 'just over' => ['19/18/7', ['n4=2500.1', 'n6=1301', 'n14=0.65']];
        yield 'not counted' => ['20/-/10', ['n4=10000', 'n6=-', 'n14=10']];
        yield 'beyond the table, and none' => ['>28/28/0', ['n4=2600000', 'n6=2500000', 'n14=0']];
    }

    /** @param list<string> $words */
    #[DataProvider('counts')]
    public function testCleanlinessIsCodedByClasses(string $code, array $words): void
    {
        self::assertSame($code, self::value('code', 'cleanliness', ...$words));
    }

    public function testPowerPointsOffTheCurveAreNamedFromWhereTheControlWorks(): void
    {
        $words = [
            'power-curve',
            'power=10kW',
            'overall=100%',
            'points=50bar@60lpm;100bar@60lpm;150bar@48lpm;200bar@31.5lpm',
            'tolerance=5%',
        ];
        self::assertSame([1, 3], self::found('off', ...$words));
        self::assertSame([3], self::found('off', ...[...$words, 'regulates-from=1450psi']));
    }

    public function testAllOrNothingHasAnIntervalThatEndsExactlyThere(): void
    {
        self::assertSame([0, 1], [self::found('low', 'rate', 'events=0', 'of=7'), self::found('high', 'rate', 'events=7', 'of=7')]);
    }

    public function testTheOrderOfCausesKeepsTiesAsGiven(): void
    {
        self::assertSame(['seal', 'vane', 'shaft'], self::found('order', 'pareto', 'counts=vane:8;shaft:8;seal:9'));
    }

    public function testAPartThatDoesNotWearHasNoWayLeftToTell(): void
    {
        $answer = self::ask('wear-projection', 'new=20mm', 'limit=19.9mm', 'now=20.01mm', 'service=900h');
        self::assertIsArray($answer['results']);
        self::assertSame(['rate'], array_keys($answer['results']));
        self::assertNotSame([], $answer['notes']);
        $answer = self::ask('wear-projection', 'new=20mm', 'limit=19.9mm', 'now=19.995mm', 'service=900h', 'u=0.01mm');
        self::assertIsArray($answer['results']);
        self::assertSame(['rate', 'left', 'left-low'], array_keys($answer['results']));
    }

    public function testTornFlanksUnderHalfTheLoadSpeakOfFretting(): void
    {
        $spline = [
            'spline-stress',
            'torque=500Nm',
            'pitch-diameter=40mm',
            'teeth=20',
            'tooth-height=2mm',
            'engaged-length=30mm',
            'root-diameter=36mm',
        ];
        self::assertStringContainsString('fretting', implode('', self::notes(...[...$spline, 'allow-flank=100MPa'])));
        self::assertSame([], self::notes(...[...$spline, 'allow-flank=60MPa']));
    }

    public function testPathsAreToldInWordsOnPaper(): void
    {
        self::assertSame(
            '4 slots 30 mm wide, 10 mm long, gap 0.015 mm; 1 ring gap of 20 mm, 18 mm long, gap 0.020 mm, eccentricity 0.7; 2 '
                .'faces from 10mm to 20mm, gap 0.04mm',
            Paths::inWords('slot:30 mm,0.015 mm,10 mm x4;annulus:20 mm,0.020 mm,18 mm,0.7;face:10mm,20mm,0.04mmx2'),
        );
        self::assertSame('28.7 cc/rev', Paths::inWords('28.7 cc/rev'));
    }
}
