<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\Life\CameBack;
use Japhrex\Core\Memory\Life\Compared;
use Japhrex\Core\Memory\Life\LifeMeasure;
use Japhrex\Core\Memory\Life\LivedGroup;
use Japhrex\Core\Memory\Life\UnitLife;
use PHPUnit\Framework\TestCase;

/** Young or old in a sentence, and only where the units tell it. */
final class LivedGroupTest extends TestCase
{
    /** @param list<float> $failed */
    private static function group(array $failed, int $running, float $until): LivedGroup
    {
        $lives = [
            ...array_map(static fn (float $time): UnitLife => new UnitLife($time, null, false), $failed),
            ...array_fill(0, $running, new UnitLife($until, null, true)),
        ];

        return new LivedGroup('', LifeMeasure::Months, \count($lives) + 2, $lives, [100.0, 200.0, 300.0, 400.0], null);
    }

    public function testUnitsThatFailAtOnceFailYoungAndThoseThatFailTogetherLateFailOld(): void
    {
        $young = self::group([0.1, 0.2, 0.2, 0.4, 0.8, 1.5, 4.0], 40, 30.0);
        self::assertStringContainsString('They fail young', $young->says());
        self::assertStringContainsString('They fail old', self::group([20.0, 21.0, 22.0, 23.0, 24.0, 25.0], 0, 1.0)->says());
        self::assertStringContainsString('do not tell', self::group([2.0, 7.0, 15.0], 3, 20.0)->says());
        self::assertSame('2 failures are too few for a life; expected three or more.', self::group([2.0, 7.0], 3, 20.0)->says());
        self::assertSame(2, $young->unheard(), 'of two nobody has heard');
        self::assertSame([200.0, 400.0], $young->middleHalf());
        self::assertSame('Of none of them anything is known since it went out.', self::group([], 0, 1.0)->says());
    }

    public function testThoseOfWhichNobodyToldWhatTheyRanAreTakenToRunAsTheMiddleOneDoes(): void
    {
        $units = [
            new UnitLife(2.0, 100.0, false), new UnitLife(3.0, 180.0, false), new UnitLife(4.0, 280.0, false),
            new UnitLife(10.0, null, true),
        ];
        // 50, 60 and 70 hours a month: the middle one 60, so that the fourth ran 600.
        $group = new LivedGroup('', LifeMeasure::Hours, 5, $units, [], null);
        self::assertSame([100.0, 180.0, 280.0, 600.0], array_column($group->lives, 'time'));
        self::assertSame([60.0, 1, 3, 1], [$group->use(), $group->taken(), $group->failures(), $group->unheard()]);
        self::assertStringContainsString('in the next hour', (new LivedGroup('', LifeMeasure::Hours, 6, array_map(
            static fn (float $ran): UnitLife => new UnitLife(5.0, $ran, false), [20.0, 21.0, 22.0, 23.0, 24.0, 25.0],
        ), [], null))->says());
        $silent = new LivedGroup('', LifeMeasure::Distance, 2, [new UnitLife(2.0, null, false)], [], null);
        self::assertSame('Of none of them anybody has told what it ran.', $silent->says());
    }

    public function testWhatIsToldSinceTheRepairGoesBeforeTheMeterAndAMeterThatDidNotGoOnTellsNothing(): void
    {
        self::assertSame(420.0, UnitLife::ranUntilBack(420.0, 9100.0, 8000.0));
        self::assertSame(1100.0, UnitLife::ranUntilBack(null, 9100.0, 8000.0));
        self::assertNull(UnitLife::ranUntilBack(null, 35.0, 8000.0), 'the meter was changed');
        self::assertNull(UnitLife::ranUntilBack(null, 8000.0, 8000.0), 'it was copied from the paper of the time before');
        self::assertNull(UnitLife::ranUntilBack(null, 9100.0, null));
    }

    public function testAGroupStandsOutOnlyBeyondWhatChanceLeavesToSoMany(): void
    {
        // 6 of 8 against 2 of 24: Fisher, one side, (C(8,6)C(24,2) + C(8,7)C(24,1) + C(8,8)) / C(32,8) = 7921 / 10518300 = 0.00075.
        $one = new CameBack('Who built it', [...self::built(['second'], 6, 8), ...self::built(['bench 1'], 2, 24)]);
        self::assertStringStartsWith('second: 6 of 8 came back, of all others 2 of 24.', $one->says());
        self::assertStringContainsString('0.2 %', $one->says(), 'both looked at together');
        self::assertSame(['bench 1', 'second'], array_keys($one->groups), 'no league table');
        $alike = [...self::built(['a'], 3, 8), ...self::built(['b'], 4, 24)];
        self::assertStringStartsWith('None of them', (new CameBack('Who built it', $alike))->says());
        self::assertSame('There is nothing to hold it against.', (new CameBack('Kind of repair', self::built(['a'], 3, 8)))->says());
        // One that both built is of both, and no other of either.
        $alone = [...self::built(['a'], 7, 8), ...self::built(['b'], 0, 20)];
        $both = new CameBack('Who built it', [...self::built(['a', 'b'], 2, 2), ...$alone]);
        self::assertStringStartsWith('a: 9 of 10 came back, of all others 0 of 20.', $both->says());
        self::assertSame([2, 22], [$both->groups['b']->events, $both->groups['b']->of]);
    }

    /**
     * @param list<string> $by
     *
     * @return list<array{list<string>, bool}>
     */
    private static function built(array $by, int $back, int $out): array
    {
        return array_map(static fn (int $i): array => [$by, $i <= $back], range(1, $out));
    }

    public function testTwoGroupsAreSaidToDifferOnlyBeyondChance(): void
    {
        $soon = self::group([1.0, 1.5, 2.0, 2.5, 3.0, 3.5], 1, 20.0);
        $late = self::group([15.0, 16.0], 8, 20.0);
        self::assertTrue(Compared::of($soon, $late)?->differ());
        self::assertFalse(Compared::of($soon, $soon)?->differ());
        self::assertNull(Compared::of(self::group([], 3, 5.0), self::group([], 3, 5.0)));
    }
}
