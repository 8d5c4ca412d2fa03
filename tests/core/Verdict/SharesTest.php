<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Verdict;

use Japhrex\Core\Verdict\Shares;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who carries how much. */
final class SharesTest extends TestCase
{
    public function testSharesAddUpToAHundredAndTheLargestComesFirst(): void
    {
        self::assertSame(
            ['installer' => 70, 'operator' => 30],
            Shares::read(['operator' => '30', 'installer' => ' 70 % ', 'maker' => '', 'design' => '0']),
        );
        self::assertSame([], Shares::read(['maker' => '']), 'not divided yet');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'too little' => [['maker' => '60', 'operator' => '30'], 'add up to 90 %; 10 % are carried by nobody'];
        yield 'too much' => [['maker' => '60', 'operator' => '50'], 'add up to 110 %; 10 % are too much'];
        yield 'half a per cent' => [['maker' => '99.5', 'operator' => '0.5'], 'Maker: “99.5” is no share'];
        yield 'more than all' => [['maker' => '101'], 'from 1 to 100'];
        yield 'nobody' => [['weather' => '100'], '“weather” is nobody'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('wrong')]
    public function testWhatDoesNotAddUpIsSaid(array $typed, string $said): void
    {
        $this->expectException(\DomainException::class);
        $this->expectExceptionMessage($said);
        Shares::read($typed);
    }
}
