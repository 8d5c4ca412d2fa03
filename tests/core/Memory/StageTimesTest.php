<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\StageMove;
use Japhrex\Core\Memory\StageTimes;
use PHPUnit\Framework\TestCase;

/** How long a case stood where. */
final class StageTimesTest extends TestCase
{
    private static function at(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day);
    }

    public function testEachStageHasTheDaysUntilTheNextAndOneThatItCameToTwiceTheirSum(): void
    {
        $moves = [
            new StageMove('strip', self::at('2026-03-02')), new StageMove('verdict', self::at('2026-03-05')),
            new StageMove('signed', self::at('2026-03-06')), new StageMove('verdict', self::at('2026-03-08')),
            new StageMove('signed', self::at('2026-03-09')),
        ];
        self::assertSame(
            ['intake' => 1.0, 'strip' => 3.0, 'verdict' => 2.0, 'signed' => 3.5],
            StageTimes::of(self::at('2026-03-01'), $moves, self::at('2026-03-10 12:00')),
        );
        $still = StageTimes::of(self::at('2026-03-01'), \array_slice($moves, 0, 3), null);
        self::assertArrayNotHasKey('signed', $still, 'it stands there still');
        self::assertSame([], StageTimes::of(self::at('2026-03-01'), [], self::at('2026-03-10')), 'nobody wrote it down');
    }
}
