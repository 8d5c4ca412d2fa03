<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\Build\PlayCheck;
use Japhrex\Core\Repair\Build\SheetSteps;
use Japhrex\Tests\Books;
use Japhrex\Tests\core\Figure\Asks;
use PHPUnit\Framework\TestCase;

/** The build goes the strip backwards; a play outside its target stops it. */
final class BuildTest extends TestCase
{
    use Asks;

    private static function book(string $key): Book
    {
        return Books::book($key);
    }

    private static function mm(float $metres): string
    {
        return number_format($metres * 1000, 2).' mm';
    }

    public function testWhatCameOutLastGoesInFirst(): void
    {
        $book = self::book('external-gear-pump');
        $fits = array_values(array_filter(BuildSheet::of($book), static fn (BuildStep $step): bool => BuildKind::Fit === $step->kind));
        $off = array_values(array_filter($book->strip, static fn ($step): bool => [] !== $step->removes));
        self::assertSame('fit-'.$off[\count($off) - 1]->key, $fits[0]->key);
        self::assertSame('fit-'.$off[0]->key, $fits[\count($fits) - 1]->key);
        self::assertSame(BuildKind::Clean, BuildSheet::of($book)[0]->kind, 'cleanliness comes before all');
    }

    public function testWhatCanGoInTheWrongWayAsksForAPictureAndItsMates(): void
    {
        $steps = [];
        foreach (BuildSheet::of(self::book('external-gear-pump')) as $step) {
            $steps[$step->key] = $step;
        }
        self::assertTrue($steps['fit-front-block']->asksForAPhoto());
        self::assertStringContainsString('run in', implode(' ', $steps['fit-front-block']->mates));
        self::assertTrue($steps['fit-front-block']->two, 'a facing and a pair: two people look');
    }

    public function testItIsTurnedByHandBeforeTheFirstFastenerAndAfterTheLast(): void
    {
        foreach (['external-gear-pump', 'reversing-gearbox', 'crescent-front-pump', 'roller-pump'] as $key) {
            $kinds = array_map(static fn (BuildStep $step): string => $step->key.':'.$step->kind->value, BuildSheet::of(self::book($key)));
            $torques = array_keys(array_filter($kinds, static fn (string $one): bool => str_ends_with($one, ':torque')));
            $first = $torques[0] ?? self::fail("$key tightens nothing.");
            self::assertSame('turn-before:turn', $kinds[$first - 1], $key);
            foreach ($torques as $torque) {
                self::assertSame('turn-after-'.str_replace(':torque', ':turn', $kinds[$torque]), $kinds[$torque + 1], $key);
            }
        }
    }

    public function testAClearanceIsReadWhileItCanBeReached(): void
    {
        $keys = array_map(static fn (BuildStep $step): string => $step->key, BuildSheet::of(self::book('external-gear-pump')));
        $at = array_flip($keys);
        self::assertGreaterThan($at['fit-rear-block'], $at['set-side-clearance'], 'the side clearance is read over both blocks');
        self::assertLessThan($at['fit-rear-cover'], $at['set-side-clearance'], 'and before the cover is on');
        self::assertSame($at['fit-screws'] + 2, $at['set-cover-screws'], 'screws in, turned by hand, tightened');
    }

    public function testTorqueHasItsFastenersAndItsRounds(): void
    {
        $steps = array_values(
            array_filter(
                BuildSheet::of(self::book('external-gear-pump')),
                static fn (BuildStep $step): bool => BuildKind::Torque === $step->kind,
            )
        );
        self::assertSame([4, 2], [$steps[0]->fasteners, $steps[0]->rounds]);
    }

    public function testTheBooksRangesAreRead(): void
    {
        self::assertEquals(new Window(0.00005, 0.0001), SheetSteps::window('0.05 mm to 0.10 mm'));
        self::assertNull(SheetSteps::window('five rings, joints staggered by a quarter'));
        self::assertNull(SheetSteps::window('full travel both ways'));
    }

    public function testAPlayInsideItsTargetNeedsNothing(): void
    {
        $check = PlayCheck::of(0.00008, new Window(0.00005, 0.0001));
        self::assertTrue($check->fits);
        self::assertSame([], $check->advice(new Window(0.00005, 0.0001), self::mm(...)));
    }

    /** 0.42 mm with a shim of 1.20 mm, wanted 0.10 to 0.20 mm: bare 1.62; of 1.40 and 1.50 the second gives 0.12, the first 0.22. */
    public function testTheShimThatIsChosenIsTheOneOfTheFigure(): void
    {
        $window = new Window(0.0001, 0.0002);
        $check = PlayCheck::of(0.00042, $window, [0.0012], [[0.0014, null], [0.0015, null]]);
        self::assertEqualsWithDelta([0.0015], $check->pick, 1e-12);
        self::assertEqualsWithDelta(0.00012, $check->with, 1e-12);
        self::assertStringContainsString('Lay in 1.50 mm: then it is 0.12 mm.', implode(' ', $check->advice($window, self::mm(...))));
        self::assertSame(
            [1.5],
            self::found('shims', 'shim-pick', 'measured=0.42mm', 'present=1.2mm', 'low=0.1mm', 'high=0.2mm', 'stock=1.4mmx*;1.5mmx*'),
            'the figure chooses the same',
        );
    }

    public function testAShimThatIsNotOnTheShelfIsSaid(): void
    {
        $window = new Window(0.0001, 0.0002);
        // Bare 1.62 mm; the middle, 0.15 mm, wants 1.47 mm; 1.00 mm leaves 0.62 mm.
        $says = implode(' ', PlayCheck::of(0.00042, $window, [0.0012], [[0.001, 2]])->advice($window, self::mm(...)));
        self::assertStringContainsString('0.42 mm is too loose by 0.22 mm.', $says);
        self::assertStringContainsString('No shim on the shelf sets it: the nearest, 1.00 mm, gives 0.62 mm. Order one of 1.47 mm', $says);
    }

    public function testTooTightIsToldFromTooLoose(): void
    {
        $window = new Window(0.0001, 0.0002);
        self::assertStringContainsString(
            'too tight by 0.06 mm',
            implode(' ', PlayCheck::of(0.00004, $window)->advice($window, self::mm(...))),
        );
    }
}
