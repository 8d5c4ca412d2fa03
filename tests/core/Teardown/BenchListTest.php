<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Teardown;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Teardown\BenchItem;
use Japhrex\Core\Teardown\BenchKind;
use Japhrex\Core\Teardown\BenchList;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What lies ready before the first part comes off: for this unit, and as deep as it is taken apart. */
final class BenchListTest extends TestCase
{
    /** @return list<string> */
    private static function what(Book $book, string $to, BenchKind $kind): array
    {
        return array_values(array_map(
            static fn (BenchItem $one): string => $one->what,
            array_filter(BenchList::of($book, $to), static fn (BenchItem $one): bool => $kind === $one->kind),
        ));
    }

    private static function book(string $file): Book
    {
        return Books::book($file);
    }

    public function testAsDeepAsItIsTakenApartAndNoDeeper(): void
    {
        $pump = self::book('external-gear-pump');
        self::assertContains('Circlip pliers', self::what($pump, '', BenchKind::Tool));
        self::assertNotContains('Circlip pliers', self::what($pump, 'rear-cover', BenchKind::Tool));
        // The rear cover waits for its screws: what reads their breakaway torque is needed for it.
        self::assertContains('Torque wrench to read the breakaway', self::what($pump, 'rear-cover', BenchKind::Tool));
        self::assertSame([], array_intersect(['Fingers', 'Hands', 'None'], self::what($pump, '', BenchKind::Tool)), 'what everybody has');
        self::assertContains('Shaft seal', self::what($pump, '', BenchKind::Seal));
        self::assertNotContains('Shaft seal', self::what($pump, 'rear-cover', BenchKind::Seal));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (Books::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('files')]
    public function testEachFamilySaysHowThePlaceIsChosenAndHowItIsHeldAndNamesNothingTwice(string $file): void
    {
        $book = self::book($file);
        self::assertNotSame('', $book->bench->place);
        self::assertNotSame([], $book->bench->useUp);
        self::assertNotSame([], array_filter($book->strip, static fn ($step): bool => '' !== $step->hold));
        self::assertNotSame([], array_filter($book->strip, static fn ($step): bool => [] !== $step->press));
        $keys = array_map(static fn (BenchItem $one): string => $one->key(), BenchList::of($book));
        self::assertSame($keys, array_values(array_unique($keys)));
    }
}
