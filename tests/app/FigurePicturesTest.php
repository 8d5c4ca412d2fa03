<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Figures\Asked;
use App\Figures\Drawings;
use App\Figures\FigureDesk;
use App\Figures\FigureText;
use App\Figures\Laid\LaidPlot;
use App\Figures\NumberLine;
use App\Figures\Plot;
use PHPUnit\Framework\Attributes\DataProvider;

/** Pictures of figures: what they draw lies where it should. */
final class FigurePicturesTest extends AppTestCase
{
    /** @param array<string, string> $typed */
    private function ask(string $name, array $typed): Asked
    {
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/figures');
        $desk = self::service(FigureDesk::class);
        $card = $desk->card($name);
        self::assertNotNull($card);

        return $desk->ask($card, $typed + $card->example);
    }

    /**
     * The first picture of an answer.
     *
     * @param array<string, string> $typed
     *
     * @return array<mixed>
     */
    private function picture(string $name, array $typed = []): array
    {
        $pictures = self::service(Drawings::class)->plot($this->ask($name, $typed));
        self::assertNotSame([], $pictures);

        return $pictures[0]->data;
    }

    public function testTheAxesOfAPlotEndAtRoundNumbersAndHoldEveryPoint(): void
    {
        $plot = (new Plot('speed', 'flow'))->line('found', [[3.0, 7.0], [97.0, 41.0]])->dot('new', 50.0, 23.0, 'here');
        $laid = $plot->laid();
        self::assertSame(['0', '20', '40', '60', '80', '100'], array_column($laid->xTicks, 'says'));
        self::assertSame(['0', '10', '20', '30', '40', '50'], array_column($laid->yTicks, 'says'));
        // Half way between the ends of both axes, upside down on the screen.
        self::assertEqualsWithDelta(($laid->left + $laid->right) / 2, $laid->dots[0]->x, 0.1);
        self::assertEqualsWithDelta($laid->bottom - 0.46 * ($laid->bottom - $laid->top), $laid->dots[0]->y, 0.1);
    }

    public function testAPlotOfSizesDoesNotBeginAtZero(): void
    {
        $laid = (new Plot('place', 'size', fromZero: false))->line('found', [[1.0, 44.01], [2.0, 44.03]])->laid();
        self::assertGreaterThan(43.9, (float) $laid->yTicks[0]->says);
        self::assertNotSame(
            [],
            (new Plot('x', 'y'))->line('found', [[1.0, 5.0], [1.0, 5.0]])->laid()->xTicks,
            'a single point still has axes',
        );
    }

    public function testALineOfNumbersKeepsTheOrderOfItsMarks(): void
    {
        $laid = (new NumberLine())->span(
            'allowed',
            -\INF,
            28.60,
        )->span('guard', 28.50, 28.52)->mark('value', 28.51, 'x')->mark('limit', 28.60, 'max')->laid();
        self::assertLessThan($laid->marks[1]->x, $laid->marks[0]->x);
        self::assertEqualsWithDelta(
            $laid->marks[0]->x,
            $laid->spans[1]->x + $laid->spans[1]->w / 2,
            0.2,
            'the value stands in the middle of its guard band',
        );
        self::assertEqualsWithDelta(
            $laid->marks[1]->x,
            $laid->spans[0]->x + $laid->spans[0]->w,
            0.2,
            'what is allowed ends at the limit',
        );
    }

    public function testTheStackIsDrawnToScaleFromTheFloorUp(): void
    {
        $boxes = $this->picture(
            'shim-pick',
            ['measured' => '1.65 mm', 'present' => '', 'stock' => '1.0 mm; 0.5 mm', 'low' => '0.1 mm', 'high' => '0.2 mm', 'most' => '2'],
        )['boxes'];
        self::assertIsArray($boxes);
        $heights = array_map(static fn (array $box): float => $box['h'], array_values($boxes));
        // 1.0, 0.5 and the end play of 0.15 mm.
        self::assertEqualsWithDelta(2.0, $heights[0] / $heights[1], 0.02);
        self::assertEqualsWithDelta(0.3, $heights[2] / $heights[1], 0.02);
        self::assertGreaterThan($boxes[1]['y'], $boxes[0]['y']);
        self::assertStringContainsString('1.000 mm', (string) $boxes[0]['label']);
    }

    public function testTheFilmOfAClearanceGrowsWithIt(): void
    {
        $film = fn (string $bore): float => self::service(Drawings::class)->film(
            $this->ask('tip-clearance', ['bore' => $bore, 'tip-diameter' => '44 mm'])
        );
        self::assertGreaterThan($film('44.05 mm'), $film('44.10 mm'));
        self::assertSame(2.0, $film('44 mm'), 'no clearance is drawn as a line');
        self::assertSame(44.0, $film('46 mm'), 'and a wide one ends somewhere');
    }

    public function testEachBoltStandsAtItsPlaceWithItsTurn(): void
    {
        $bolts = $this->picture('bolt-sequence', ['count' => '8'])['bolts'];
        self::assertIsArray($bolts);
        self::assertCount(8, $bolts);
        $bolts = array_values($bolts);
        self::assertSame([1, 5, 3, 7, 2, 6, 4, 8], array_column($bolts, 'bolt'));
        self::assertSame(range(1, 8), array_column($bolts, 'turn'));
        self::assertSame($bolts[0]['x'], $bolts[1]['x'], 'the second is opposite to the first');
        self::assertGreaterThan($bolts[0]['y'], $bolts[1]['y']);
    }

    /** @return iterable<string, array{string}> */
    public static function plotted(): iterable
    {
        foreach (
            [
                'wear-projection', 'form', 'power-curve', 'pump-curve', 'viscosity', 'worn-pump', 'held-pressure',
                'complaint-check', 'weibull',
            ] as $name
        ) {
            yield $name => [$name];
        }
    }

    #[DataProvider('plotted')]
    public function testEveryCurveStaysInItsFrameInBothSystemsOfUnits(string $name): void
    {
        foreach ([\Japhrex\Core\Quantity\UnitSystem::Metric, \Japhrex\Core\Quantity\UnitSystem::Inch] as $units) {
            $person = $this->signIn(Role::Bench);
            $person->units = $units;
            self::em()->flush();
            foreach (self::service(Drawings::class)->plot($this->ask($name, [])) as $picture) {
                $laid = $picture->data['laid'];
                self::assertInstanceOf(LaidPlot::class, $laid);
                foreach ($laid->lines as $line) {
                    preg_match_all('/([\d.]+) ([\d.]+)/', $line->path, $points, \PREG_SET_ORDER);
                    self::assertNotSame([], $points);
                    foreach ($points as [, $x, $y]) {
                        self::assertTrue(
                            (float) $x >= $laid->left - 0.1
                                && (float) $x <= $laid->right + 0.1
                                && (float) $y >= $laid->top - 0.1
                                && (float) $y <= $laid->bottom + 0.1,
                            "$name: $x $y",
                        );
                    }
                }
            }
        }
    }

    public function testACellThatASheetWouldReckonWithIsMadeHarmless(): void
    {
        $text = self::service(FigureText::class);
        $csv = $text->csv($this->ask('pareto', ['counts' => '=SUM(A1):8;seal:30']));
        self::assertStringContainsString("'=SUM(A1):8;seal:30", $csv);
        self::assertStringNotContainsString(',=SUM', $csv);
        self::assertStringContainsString("\nresult,share-1,", $csv);
    }

    public function testATextOfAFigureSaysEverythingThatSettlesADispute(): void
    {
        $said = self::service(FigureText::class)->text(
            $this->ask('side-clearance', ['pocket-depth' => '26.06 mm', 'gear-thickness' => '26 mm'])
        );
        foreach (['How much side clearance', 'pocket depth: 26.06 mm', 'clearance: 0.060 mm', 'Source:', 'Formula version 1'] as $part) {
            self::assertStringContainsString($part, $said);
        }
    }
}
