<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\Warning\MoreOften;
use Japhrex\Core\Memory\Warning\WarningRule;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The shop is warned of what happens more often than it did, and seldom of chance. */
final class WarningTest extends TestCase
{
    /** Fisher's lady tasting tea: three of four right, and four of four. */
    public function testTheChanceIsFishers(): void
    {
        self::assertEqualsWithDelta(17 / 70, (new MoreOften(3, 4, 1, 4))->chance(), 1e-12);
        self::assertEqualsWithDelta(1 / 70, (new MoreOften(4, 4, 0, 4))->chance(), 1e-12);
        self::assertEqualsWithDelta(1.0, (new MoreOften(0, 5, 3, 50))->chance(), 1e-12);
        self::assertEqualsWithDelta(1.0, (new MoreOften(3, 3, 0, 0))->chance(), 1e-12, 'nothing to hold it against');
    }

    public function testABatchThatTearsIsToldAndThreeOutOfTenAreNot(): void
    {
        $rule = new WarningRule(2000);
        self::assertTrue($rule->warns(new MoreOften(6, 9, 3, 120)));
        self::assertFalse($rule->warns(new MoreOften(3, 10, 10, 100)), 'it looks like a trend and may be chance');
        self::assertFalse($rule->warns(new MoreOften(2, 2, 0, 10000)), 'two are no trend');
    }

    public function testAGroupWithoutAPastOfItsOwnIsHeldAgainstTheRestOfItsFamily(): void
    {
        self::assertEquals(new MoreOften(4, 9, 1, 10), MoreOften::against([4, 9], [1, 10], [30, 200]));
        self::assertEquals(new MoreOften(4, 9, 30, 200), MoreOften::against([4, 9], [1, 9], [30, 200]));
    }

    /** Fifteen years of a shop in which nothing ever changes: at most one false alarm a year is promised. */
    #[Group('slow')]
    public function testAShopInWhichNothingChangesIsSeldomWarned(): void
    {
        self::assertLessThanOrEqual(15, SteadyShop::alarms(15));
    }
}
