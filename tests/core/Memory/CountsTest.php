<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\Counts;
use Japhrex\Core\Proof\UserSays;
use PHPUnit\Framework\TestCase;

/** The engine does not make itself surer: a closed case counts where a find or a cure that held bears it out. */
final class CountsTest extends TestCase
{
    public function testAFindOrACureThatHeldDecidesAndOneThatFailedProvesNothing(): void
    {
        self::assertTrue(Counts::does(true, null));
        self::assertFalse(Counts::does(false, null), 'the engine proposed it and nobody found it');
        self::assertTrue(Counts::does(false, UserSays::Well));
        self::assertFalse(Counts::does(true, UserSays::Failed));
        self::assertTrue(Counts::does(true, UserSays::But), 'a remark is no failure');
        self::assertFalse(Counts::does(false, UserSays::But));
    }
}
