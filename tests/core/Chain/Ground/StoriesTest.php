<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Tests\stories\Stories;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Failures whose origin is known, of two families; `./japhrex bench stories` tells all of them. */
#[Group('slow')]
final class StoriesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['external-gear-pump', 'roller-pump'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function testTheTrueOriginIsAmongTheFirstThreeAndMostlyTheFirst(string $family): void
    {
        $told = Stories::told($family, looks: false);
        self::assertGreaterThanOrEqual(6, \count($told));
        foreach ($told as $one) {
            self::assertContains($one['rank'], [1, 2, 3], $one['name'].', first: '.$one['first']);
        }
        self::assertGreaterThanOrEqual(5, \count(array_filter($told, static fn (array $one): bool => 1 === $one['rank'])));
    }
}
