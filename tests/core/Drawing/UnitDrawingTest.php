<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\DrawCommand;
use Japhrex\Core\Drawing\DrawingCheck;
use Japhrex\Core\Drawing\Label;
use Japhrex\Core\Drawing\Placed;
use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Drawing\SvgWriter;
use Japhrex\Core\Drawing\UnitDrawing;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each type of unit has its drawing, made from its book alone. */
final class UnitDrawingTest extends TestCase
{
    /** @return iterable<string, array{Book}> */
    public static function types(): iterable
    {
        foreach (Books::all() as $type => $book) {
            yield $type => [$book];
        }
    }

    #[DataProvider('types')]
    public function testEveryPartIsDrawnAndEverySurfaceIsAFaceOfItsDrawing(Book $book): void
    {
        self::assertSame([], iterator_to_array(DrawingCheck::problems($book), false));
    }

    #[DataProvider('types')]
    public function testADrawingIsTheSameEveryTimeAndSmallEnoughForAPage(Book $book): void
    {
        $drawing = new UnitDrawing($book);
        $svg = static fn (): string => (new SvgWriter($drawing->names()))->write(Blank::of($drawing->exploded()));
        $first = $svg();
        self::assertSame($first, $svg());
        self::assertLessThan(150_000, \strlen($first));
        self::assertNotFalse(simplexml_load_string($first));
    }

    #[DataProvider('types')]
    public function testPartsOfAnAxisStandInItsOrderAndNoLineOfALabelCrossesAnotherPart(Book $book): void
    {
        $sheet = (new UnitDrawing($book))->exploded();
        foreach ($book->drawn->axes as $axis) {
            $last = null;
            foreach ($axis as $key) {
                $placed = $sheet->part($key);
                self::assertNotNull($placed, $key);
                // A new row begins at the left.
                self::assertTrue(null === $last || $placed->x > $last->x || $placed->x < 150, $key);
                $last = $placed;
            }
        }
        foreach ($sheet->parts as $one) {
            foreach ($sheet->parts as $other) {
                self::assertFalse($other !== $one && self::crosses($one->label, $other), $one->part->key.' over '.$other->part->key);
            }
        }
    }

    private static function crosses(?Label $label, Placed $other): bool
    {
        $heights = null === $label ? null : $other->heightsAt($label->x);

        return null !== $label && null !== $heights
            && $heights[0] < max($label->from, $label->to) - 1 && $heights[1] > min($label->from, $label->to) + 1;
    }

    public function testOnlyTheSurfaceThatIsGradedTakesTheColourOfItsGrade(): void
    {
        $told = static fn (string $grades): string => self::command()->svg(['--book', 'external-gear-pump', '--grades', $grades]);
        $faces = static fn (string $svg): int => preg_match_all('/class="g3\d/', $svg) ?: 0;
        self::assertGreaterThan(0, $faces($told('drive-gear/end-face=3')));
        self::assertLessThan($faces($told('drive-gear=3')), $faces($told('drive-gear/end-face=3')));
        self::assertSame(0, $faces($told('drive-gear=0')), 'what is sound keeps the colour of its metal');
    }

    public function testTwoAlikeAreDrawnOnceAndUsedAgain(): void
    {
        [$stamps] = SolidMaker::of([new Data(['rod' => 10, 'round' => [6, 20]])], 1.0);
        self::assertCount(6, $stamps);
        self::assertCount(1, array_unique(array_map(static fn ($one): int => spl_object_id($one->thing), $stamps)));
        // Eight screws: one drawn, seven that use it.
        self::assertSame(7, substr_count(self::command()->svg(['--book', 'roller-pump', '--part', 'end-plate-screws']), '<use'));
    }

    public function testAShapeThatIsNoSolidIsRefusedByItsPlace(): void
    {
        $this->expectException(BookError::class);
        $this->expectExceptionMessage('no such solid; expected one of rod, ring');
        SolidMaker::of([new Data(['sphere' => 10])], 1.0);
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function wrongWords(): iterable
    {
        yield 'no book' => [['--book', 'bicycle'], 'There is no book "bicycle"'];
        yield 'no type' => [['--book', 'vane-pump'], 'has the types dry, oil-sealed, hydraulic'];
        yield 'no part' => [['--book', 'roller-pump', '--part', 'moon'], 'has no shape of "moon"'];
        yield 'no grade' => [['--book', 'roller-pump', '--grades', 'rotor=9'], '"rotor=9" is no grade of a part'];
    }

    /** @param list<string> $words */
    #[DataProvider('wrongWords')]
    public function testWhatCannotBeDrawnIsSaid(array $words, string $says): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage($says);
        self::command()->svg($words);
    }

    private static function command(): DrawCommand
    {
        return new DrawCommand(
            ['external-gear-pump', 'roller-pump', 'vane-pump'],
            Books::file(...),
            static fn (string $file): ?string => ['chain.json' => self::CHAIN, 'no-chain.json' => '{}'][$file] ?? null,
        );
    }

    private const CHAIN = <<<'JSON'
        {"format": "japhrex-chain", "version": 1, "family": "external-gear-pump", "case": "T-1", "nodes": [
          {"id": "dirt", "kind": "origin", "name": "Dirt let in", "place": null, "origin": "contamination", "order": 1,
           "mode": null, "grade": null, "complaint": null, "evidence": "", "by": "analyst"},
          {"id": "score", "kind": "damage", "name": "Scoring", "place": "front-block/face", "origin": null, "order": 2,
           "mode": "scoring", "grade": 3, "complaint": null, "evidence": "", "by": "analyst"}],
         "links": [{"from": "dirt", "to": "score", "mechanism": "abrasion", "carrier": "oil", "why": "", "by": "analyst"}]}
        JSON;

    public function testTheCommandLaysAChainOverTheDrawingInItsGrades(): void
    {
        $words = ['--book', 'external-gear-pump', '--chain', 'chain.json'];
        foreach ([[], ['--view', 'section']] as $view) {
            $svg = self::command()->svg([...$words, ...$view]);
            self::assertMatchesRegularExpression('~data-part="front-block".*class="w?g3\d~', $svg, 'its face in the grade of the chain');
            self::assertSame([2, 1], [substr_count($svg, 'class="harm disc"'), substr_count($svg, 'class="harm oil"')]);
        }
        foreach (['no-chain.json' => 'japhrex-chain', 'moon.json' => '"moon.json" cannot be read'] as $file => $why) {
            try {
                self::command()->svg(['--book', 'external-gear-pump', '--chain', $file]);
                self::fail('It is no chain.');
            } catch (\InvalidArgumentException $error) {
                self::assertStringContainsString($why, $error->getMessage());
            }
        }
        $this->expectExceptionMessage('The chain is of the book external-gear-pump, not of roller-pump.');
        self::command()->svg(['--book', 'roller-pump', '--chain', 'chain.json']);
    }
}
