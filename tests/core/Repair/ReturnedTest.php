<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Repair\KitCheck;
use Japhrex\Core\Repair\KitState;
use Japhrex\Core\Repair\RepairRun;
use Japhrex\Core\Repair\Returned;
use PHPUnit\Framework\TestCase;

/** What the shop's own record says, and what was really used of a kit. */
final class ReturnedTest extends TestCase
{
    /**
     * @param list<float> $back
     * @param list<float> $runs
     */
    private static function says(array $back, array $runs): string
    {
        return Returned::says(
            [
                ...array_map(static fn (float $days): RepairRun => new RepairRun($days, true), $back),
                ...array_map(static fn (float $days): RepairRun => new RepairRun($days, false), $runs),
            ]
        );
    }

    public function testFewAreToldAsTheyAre(): void
    {
        self::assertSame('', self::says([], []));
        self::assertSame('Of this family one repair went out, none came back; running since 40 days.', self::says([], [40.2]));
        self::assertSame(
            'Of this family 4 repairs went out, 1 came back after 51 days; the others run since 18 to 92 days.',
            self::says([51.0], [18.4, 92.0, 60.0]),
        );
        self::assertStringNotContainsString('Half of them', self::says([51.0, 60.0], [90.0]), 'two are too few for a life');
    }

    public function testThreeThatCameBackMakeALife(): void
    {
        // 100, 200, 300 days, all came back: 1/β = Σtᵝ·ln t/Σtᵝ − mean ln t by halving gives β = 2.739, scale 225.9, median 225.9·(ln
        // 2)^(1/2.739) = 197.6.
        self::assertStringContainsString('Half of them last 198 days or more', self::says([100.0, 200.0, 300.0], []));
    }

    public function testWhatWasToGoInIsLeftOverOnlyWithAReason(): void
    {
        KitCheck::allow('shaft-seal', KitCheck::USED, '', ['shaft-seal']);
        KitCheck::allow('lip', KitCheck::LEFT, '', ['shaft-seal']);
        self::assertEquals(
            new KitState(['cap'], ['key'], ['shaft-seal']),
            KitCheck::of(['shaft-seal', 'cap', 'ring'], ['shaft-seal' => 'left', 'ring' => 'used', 'key' => 'used', 'lip' => 'left']),
        );
        $this->expectExceptionMessage('why is it left over');
        KitCheck::allow('shaft-seal', KitCheck::LEFT, ' ', ['shaft-seal']);
    }
}
