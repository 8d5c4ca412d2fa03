<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\DrawnPart;
use Japhrex\Core\Drawing\Exploded;
use Japhrex\Core\Drawing\Ink;
use Japhrex\Core\Drawing\Placed;
use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Drawing\Sheet;
use Japhrex\Core\Family\Data;
use PHPUnit\Framework\TestCase;

/** Parts pulled apart stand in rows, seen, named, and on the sheet. */
final class ExplodedTest extends TestCase
{
    private static function disc(string $key, float $diameter = 100.0): DrawnPart
    {
        return DrawnPart::of($key, ...SolidMaker::of([new Data(['rod' => $diameter, 'long' => 10])], 1.0));
    }

    /** @return list<DrawnPart> */
    private static function discs(int $count): array
    {
        return array_map(static fn (int $i): DrawnPart => self::disc('p'.$i), range(1, $count));
    }

    private static function sheet(float $width, int $count): Sheet
    {
        return (new Exploded($width))->sheet([self::discs($count)], []);
    }

    public function testNeighboursCoverNoMoreThanAFifthOfEachOther(): void
    {
        $parts = self::sheet(2000.0, 4)->parts;
        foreach (\array_slice($parts, 1) as $i => $one) {
            $before = $parts[$i];
            $covered = $before->x + $before->part->right() - $one->x - $one->part->left();
            self::assertLessThanOrEqual(0.2 * ($one->part->right() - $one->part->left()) + 1e-6, $covered);
        }
    }

    public function testWhatDoesNotFitGoesOnInAnotherRow(): void
    {
        $ways = array_map(static fn (Placed $one): float => round($one->x), self::sheet(200.0, 6)->parts);
        self::assertLessThan(\count($ways), \count(array_unique($ways)), 'some stand below others');
        $wide = self::sheet(2000.0, 6);
        self::assertCount(6, array_unique(array_map(static fn (Placed $one): float => round($one->x), $wide->parts)));
        self::assertLessThan($wide->width, self::sheet(200.0, 6)->width);
    }

    public function testEverythingLiesOnTheSheetNamesAmongIt(): void
    {
        $sheet = (new Exploded(400.0))->sheet([self::discs(5), [self::disc('small', 12.0)]], ['small' => 'A name that is long']);
        foreach ($sheet->parts as $one) {
            foreach ([$one->x + $one->part->left(), $one->label->x ?? 1.0] as $x) {
                self::assertGreaterThan(0, $x);
                self::assertLessThan($sheet->width, $x);
            }
            self::assertGreaterThan(0, min($one->y + $one->part->top(), $one->label->from ?? 1.0));
            self::assertLessThan($sheet->height, max($one->y + $one->part->bottom(), $one->label->from ?? 1.0));
        }
    }

    public function testNoTwoNamesLieOnEachOther(): void
    {
        $names = array_fill_keys(array_map(static fn (int $i): string => 'p'.$i, range(1, 8)), 'Front bearing bushes');
        $parts = (new Exploded(2000.0))->sheet([self::discs(8)], $names)->parts;
        $labels = array_filter(array_map(static fn (Placed $one) => $one->label, $parts));
        self::assertGreaterThan(4, \count($labels));
        foreach ($labels as $i => $one) {
            foreach ($labels as $k => $other) {
                $near = abs($one->x - $other->x) < 100 && abs($one->from - $other->from) < 12;
                self::assertTrue($i === $k || !$near);
            }
        }
    }

    public function testAPartThatNobodyDrawsLargeFillsTheSheetAndALongAxisTakesMoreRows(): void
    {
        $exploded = new Exploded(1000.0);
        self::assertGreaterThan(1.5, $exploded->scale([self::discs(2)]));
        self::assertSame(1.0, $exploded->scale([self::discs(60)]));
    }

    public function testOnPaperColoursAreAttributesAndOnAPageClasses(): void
    {
        self::assertSame('class="t2"', Ink::Page->ofFace(2, 0, ''));
        self::assertSame('class="wt2"', Ink::File->ofFace(2, 0, 'w'));
        self::assertSame('fill="#dad9d3" stroke="none"', Ink::Paper->ofFace(2, 0, 'n'));
        // Plum as it is: the temper colour of a heavy find.
        self::assertSame('fill="#6a3157"', Ink::Paper->ofFace(2, 3, ''));
        self::assertSame('class="g31"', Ink::Page->ofFace(2, 3, ''));
    }
}
