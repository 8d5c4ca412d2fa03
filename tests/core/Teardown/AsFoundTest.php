<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Teardown;

use Japhrex\Core\Teardown\AsFound;
use Japhrex\Tests\core\Family\SmallBook;
use PHPUnit\Framework\TestCase;

final class AsFoundTest extends TestCase
{
    /** @return list<string> */
    private static function missing(string $step, bool $marked, string $facing, bool $photographed): array
    {
        $book = SmallBook::with(['strip/1/mark' => 'A dot on the crown, towards the lever.']);

        return AsFound::missing($book, $book->strip[$step], $marked, $facing, $photographed);
    }

    public function testAPartWithAFacingComesOffMarkedToldAndPhotographed(): void
    {
        self::assertSame(['the mark', 'which way it faced', 'a photo as found'], self::missing('plunger', false, ' ', false));
        self::assertSame(['a photo as found'], self::missing('plunger', true, 'groove up', false));
        self::assertSame([], self::missing('plunger', true, 'groove up', true));
    }

    public function testAMateIsPhotographedThoughItHasNoFacing(): void
    {
        self::assertSame(['a photo as found'], self::missing('barrel', false, '', false));
    }

    public function testNothingIsAskedWhereNothingCanBeLost(): void
    {
        self::assertSame([], self::missing('lid', false, '', false));
    }
}
