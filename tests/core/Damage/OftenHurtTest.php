<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Damage;

use Japhrex\Core\Damage\OftenHurt;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OftenHurtTest extends TestCase
{
    #[TestWith([0, 12, 0])]
    #[TestWith([2, 9, 1])]
    #[TestWith([1, 4, 2])]
    #[TestWith([2, 4, 3])]
    #[TestWith([3, 4, 4])]
    #[TestWith([4, 4, 4])]
    #[TestWith([0, 0, 0])]
    public function testTheStepsBeginAtAQuarterAHalfAndThreeQuarters(int $hurt, int $seen, int $step): void
    {
        self::assertSame($step, OftenHurt::step($hurt, $seen));
    }
}
