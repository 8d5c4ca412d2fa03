<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\Life\Compared;
use Japhrex\Core\Memory\Life\LivedGroup;
use Japhrex\Core\Statistics\Life;
use PHPUnit\Framework\TestCase;

/** Young or old in a sentence, and only where the units tell it. */
final class LivedGroupTest extends TestCase
{
    /** @param list<float> $failed */
    private static function group(array $failed, int $running, float $until): LivedGroup
    {
        $lives = [
            ...array_map(static fn (float $time): Life => new Life($time, false), $failed),
            ...array_fill(0, $running, new Life($until, true)),
        ];

        return new LivedGroup('', \count($lives) + 2, $lives, [100.0, 200.0, 300.0, 400.0], null);
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

    public function testTwoGroupsAreSaidToDifferOnlyBeyondChance(): void
    {
        $soon = self::group([1.0, 1.5, 2.0, 2.5, 3.0, 3.5], 1, 20.0);
        $late = self::group([15.0, 16.0], 8, 20.0);
        self::assertTrue(Compared::of($soon, $late)?->differ());
        self::assertFalse(Compared::of($soon, $soon)?->differ());
        self::assertNull(Compared::of(self::group([], 3, 5.0), self::group([], 3, 5.0)));
    }
}
