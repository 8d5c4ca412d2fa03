<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookTypes;
use PHPUnit\Framework\TestCase;

/** One file, several types: each becomes a book in which nothing points at what that type has not got. */
final class BookTypesTest extends TestCase
{
    private const FILE = [
        'book' => 'pump', 'title' => 'Pump', 'about' => 'Lifts water.',
        'types' => ['short' => ['title' => 'Short pump'], 'deep' => ['title' => 'Deep pump', 'about' => 'Lifts it far.']],
        'parts' => [
            'lid' => ['name' => 'Lid', 'surfaces' => ['joint' => ['name' => 'Joint'], 'hook' => ['only' => ['deep'], 'name' => 'Hook']]],
            'valve' => ['only' => ['deep'], 'name' => 'Foot valve', 'surfaces' => ['flap' => ['name' => 'Flap']]],
            'barrel' => ['name' => 'Barrel', 'surfaces' => ['bore' => ['name' => 'Bore']]],
        ],
        'pairs' => [['parts' => ['valve', 'barrel'], 'why' => 'Run in.'], ['parts' => ['lid', 'barrel'], 'why' => 'Scraped in.']],
        'carriers' => [
            ['kind' => 'oil', 'from' => 'valve/flap', 'to' => 'barrel/bore'],
            ['kind' => 'hold', 'from' => 'lid/hook', 'to' => 'barrel'],
            ['kind' => 'oil', 'from' => 'barrel/bore', 'to' => 'lid/joint'],
        ],
        'strip' => [
            ['key' => 'lid', 'title' => 'Lid', 'removes' => ['lid']],
            ['key' => 'valve', 'title' => 'Valve', 'needs' => ['lid'], 'removes' => ['valve']],
            ['key' => 'barrel', 'title' => 'Barrel', 'needs' => ['valve'], 'removes' => ['barrel']],
        ],
        'kits' => ['seal' => ['name' => 'Seal kit', 'parts' => ['valve'], 'without' => ['lid']]],
        'watch' => ['flap' => ['place' => 'valve/flap', 'what' => 'Curls', 'tell' => 'Runs back.']],
    ];

    /** @param array<mixed> $file */
    private static function book(string $key, array $file = self::FILE): Book
    {
        return (new BookFactory())->book((new BookTypes($file))->books()[$key]);
    }

    public function testAFileWithoutTypesIsOneBook(): void
    {
        $file = array_diff_key(self::FILE, ['types' => 1]);
        self::assertSame(['pump' => $file], (new BookTypes($file))->books());
    }

    public function testEachTypeHasItsTitleAndItsAboutWhereItHasOne(): void
    {
        self::assertSame(['Short pump', 'Lifts water.'], [self::book('pump-short')->title, self::book('pump-short')->about]);
        self::assertSame(['Deep pump', 'Lifts it far.'], [self::book('pump-deep')->title, self::book('pump-deep')->about]);
    }

    public function testWhatATypeHasNotGotIsNamedNowhereInIt(): void
    {
        $short = self::book('pump-short');
        self::assertSame(['lid', 'barrel'], array_keys($short->parts));
        self::assertSame(
            [['barrel/bore', 'lid/joint']],
            array_map(static fn ($carrier): array => [$carrier->from, $carrier->to], $short->carriers),
        );
        self::assertSame(['Scraped in.'], array_map(static fn ($pair): string => $pair->why, $short->pairs));
        self::assertSame([], $short->watch);
        self::assertSame([], $short->upkeep->kits, 'a kit of which nothing is left is no kit');
        self::assertCount(3, self::book('pump-deep')->carriers);
    }

    public function testWhatWaitedForAStepThatIsGoneWaitsForWhatThatOneWaitedFor(): void
    {
        self::assertSame(['lid'], self::book('pump-short')->strip['barrel']->needs);
        self::assertSame(['valve'], self::book('pump-deep')->strip['barrel']->needs);
    }

    public function testAFlawIsFoundWhereItStandsInTheFile(): void
    {
        $types = new BookTypes(self::FILE);
        self::assertSame('carriers/2/to', $types->pathInFile('pump-short', 'carriers/0/to'));
        self::assertSame('strip/2/needs', $types->pathInFile('pump-short', 'strip/1/needs'));
        self::assertSame('parts/lid/name', $types->pathInFile('pump-short', 'parts/lid/name'));
    }

    public function testATypeNobodyHasIsRefused(): void
    {
        $file = self::FILE;
        $file['watch']['flap']['only'] = ['tall'];
        $this->expectExceptionObject(new BookError('there is no type "tall"; expected short, deep.', 'watch/flap/only'));
        new BookTypes($file);
    }
}
