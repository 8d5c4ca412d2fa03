<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Measuring\Unlike;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

final class UnlikeTest extends TestCase
{
    /** @return non-empty-list<PlaceSize> of two places, each known to 1 µm */
    private static function gear(float $at3, float $at9): array
    {
        return [new PlaceSize('3', new Size($at3 * 1e-3, 1e-6)), new PlaceSize('9', new Size($at9 * 1e-3, 1e-6))];
    }

    private static function verdict(float $at3, float $at9): LimitVerdict
    {
        return Unlike::of(self::gear(26.0, 25.998), self::gear($at3, $at9), Quantity::of(0.01, 'mm', Dimension::Length))->judged->verdict;
    }

    public function testGearsMadeAlikeMayDifferByALittle(): void
    {
        // Means 25.999 and 25.994 mm: 5 µm apart, ±1.4 µm (1 µm · √2).
        self::assertSame(LimitVerdict::Within, self::verdict(25.995, 25.993));
        // 25.999 and 25.985 mm: 14 µm.
        self::assertSame(LimitVerdict::Outside, self::verdict(25.985, 25.985));
        // 9 µm with 2.3 µm of guard (1.645 · 1.414 µm) on 10 µm.
        self::assertSame(LimitVerdict::Undecided, self::verdict(25.990, 25.990));
    }
}
