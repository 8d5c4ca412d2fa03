<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Quantity;

use Japhrex\Core\Quantity\ServiceTime;
use PHPUnit\Framework\TestCase;

/** A bus tells its service in kilometres, a pump in hours. */
final class ServiceTimeTest extends TestCase
{
    public function testADistanceCountsAsTheHoursInWhichAVehicleGoesSoFar(): void
    {
        self::assertEqualsWithDelta(4100.0, ServiceTime::hours('4100 h'), 1e-9);
        // 40 km in an hour: 128 000 km are 3200 h, a mile is 1.609344 km.
        self::assertEqualsWithDelta(3200.0, ServiceTime::hours('128000 km'), 1e-9);
        self::assertEqualsWithDelta(40.2336, ServiceTime::hours('1000 mi'), 1e-9);
        self::assertNull(ServiceTime::hours(''));
        self::assertNull(ServiceTime::hours('since Easter'));
    }

    public function testWhatIsFartherApartThanMemoryRoundsCannotAllBeTrue(): void
    {
        self::assertFalse(ServiceTime::contradict([]));
        self::assertFalse(ServiceTime::contradict([90.0]));
        self::assertFalse(ServiceTime::contradict([80.0, 100.0]), 'a quarter apart');
        self::assertTrue(ServiceTime::contradict([79.0, 100.0]));
    }
}
