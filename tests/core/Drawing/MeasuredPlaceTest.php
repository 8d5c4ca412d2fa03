<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\DrawCommand;
use Japhrex\Core\Drawing\DrawingCheck;
use Japhrex\Core\Drawing\MeasuredPlace;
use Japhrex\Core\Drawing\MeasuredSolid;
use Japhrex\Core\Drawing\Shape\Entry;
use Japhrex\Core\Drawing\UnitDrawing;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Family\TakenAs;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a measure is taken is shown on its part: which face, from where to where, at which places. */
final class MeasuredPlaceTest extends TestCase
{
    #[DataProvider('types')]
    public function testEveryReadingThatIsTakenAtAPartIsShownOnIt(Book $book): void
    {
        $drawing = new UnitDrawing($book);
        $shown = 0;
        foreach ($book->parts as $key => $part) {
            foreach ($part->fields as $field) {
                if (null !== $field->taken && isset($book->drawn->shapes[$key])) {
                    [$sheet, $over] = $drawing->measured($key, $field) ?? self::fail("$key/{$field->key} is shown nowhere");
                    self::assertNotFalse(simplexml_load_string('<svg>'.$over.'</svg>'));
                    self::assertGreaterThan(0.0, $sheet->width);
                    ++$shown;
                }
            }
        }
        self::assertGreaterThan(8, $shown);
    }

    /** @return iterable<string, array{Book}> */
    public static function types(): iterable
    {
        return UnitDrawingTest::types();
    }

    private static function solid(mixed ...$line): MeasuredSolid
    {
        return new MeasuredSolid(new Entry(new Data($line, '')), 10.0);
    }

    public function testADiameterReachesOverItsSolidAndABoreIntoIt(): void
    {
        $cup = self::solid(rod: 40, long: 20, hole: 24, deep: 15);
        self::assertSame([20.0, 12.0, 10.0, 30.0, 15.0, false], [
            $cup->high, $cup->openHigh, $cup->start, $cup->end, $cup->deep(), $cup->isThrough(),
        ]);
        $tube = self::solid(rod: 40, long: 20, hole: 24);
        self::assertSame([20.0, true], [$tube->deep(), $tube->isThrough()]);
        $plate = self::solid(plate: [30, 50], long: 8);
        self::assertSame([15.0, 25.0], [$plate->wide, $plate->high]);
    }

    /** @return list<string> numbers of places, as they stand on the drawing of a part */
    private static function numbers(string $part, string $reading): array
    {
        $book = Books::book('external-gear-pump');
        $field = $book->field("$part/$reading") ?? self::fail('There is no such reading.');
        [, $over] = (new UnitDrawing($book))->measured($part, $field) ?? self::fail('It is not shown.');
        preg_match_all('~>(\d+)</text>~', $over, $found);

        return $found[1];
    }

    public function testPlacesCarryTheirNumbersAndTwoJournalsOneEach(): void
    {
        self::assertSame(['1', '2', '3', '4'], self::numbers('drive-gear', 'thickness'));
        self::assertSame(['1', '2'], self::numbers('drive-gear', 'journal'));
        self::assertSame([], self::numbers('relief-spring', 'free-length'));
    }

    public function testAReadingAtASurfaceThatThePartHasNotIsSaid(): void
    {
        $told = Books::file('external-gear-pump');
        self::assertIsArray($told['parts']);
        self::assertIsArray($told['parts']['relief-spring']);
        self::assertIsArray($told['parts']['relief-spring']['readings']);
        self::assertIsArray($told['parts']['relief-spring']['readings']['free-length']);
        $told['parts']['relief-spring']['readings']['free-length']['taken'] = ['along' => 'wire'];
        $problems = array_map(
            static fn (BookProblem $one): string => $one->path.': '.$one->message,
            iterator_to_array(DrawingCheck::problems((new BookFactory())->book($told)), false),
        );
        self::assertSame(['parts/relief-spring/readings/free-length/taken: the part has no surface "wire"; it has coils.'], $problems);
        self::assertSame('', (new MeasuredPlace([], 1.0, (new UnitDrawing((new BookFactory())->book($told)))->exploded()->parts[0]))->svg(
            new \Japhrex\Core\Family\Taken(TakenAs::Bore, 'none'), [],
        ));
    }

    public function testTheCommandShowsAReadingAndRefusesOneThatIsNone(): void
    {
        $command = new DrawCommand(['roller-pump'], Books::file(...), static fn (): ?string => null);
        $words = ['--book', 'roller-pump', '--part', 'rollers'];
        self::assertStringContainsString('>2</text>', $command->svg([...$words, '--reading', 'diameter']));
        $this->expectExceptionMessage('rollers has no reading "width"');
        $command->svg([...$words, '--reading', 'width']);
    }
}
