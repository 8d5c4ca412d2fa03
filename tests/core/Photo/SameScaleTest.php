<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\SameScale;
use PHPUnit\Framework\TestCase;

/** Two pictures beside each other, a millimetre as long in both. */
final class SameScaleTest extends TestCase
{
    /** 1000 × 800 pixels at 0.05 mm show 50 × 40 mm, 2000 × 1000 at 0.02 mm 40 × 20 mm: so 40 × 20 mm of each, from its middle. */
    public function testAsMuchOfEachAsTheLeastShows(): void
    {
        $same = SameScale::of([[1000.0, 800.0, 0.05], [2000.0, 1000.0, 0.02]]);
        self::assertEqualsWithDelta(40.0, $same->wide, 1e-9);
        self::assertEqualsWithDelta([100.0, 200.0, 800.0, 400.0], $same->views[0], 1e-9);
        self::assertEqualsWithDelta([0.0, 0.0, 2000.0, 1000.0], $same->views[1], 1e-9);
    }

    public function testWithoutAScaleEachIsShownWhole(): void
    {
        $same = SameScale::of([[1000.0, 800.0, 0.05], [600.0, 400.0, null]]);
        self::assertNull($same->wide, 'and nobody is told that they are alike');
        self::assertSame([[0.0, 0.0, 1000.0, 800.0], [0.0, 0.0, 600.0, 400.0]], $same->views);
    }
}
