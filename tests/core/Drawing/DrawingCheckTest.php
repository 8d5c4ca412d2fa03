<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\DrawingCheck;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\BookTypes;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A shop that writes a book of its own is told which part cannot be drawn, and why. */
final class DrawingCheckTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, list<string>}> part, its shape instead, what is said of it */
    public static function wrongShapes(): iterable
    {
        yield 'a part without a shape' => [
            'shaft-key', null, ['drawing/shapes/shaft-key: is missing: of what solids is it drawn, from the back to the front?'],
        ];
        yield 'a face of a surface that the part has not' => [
            'shaft-key',
            [['plate' => [5, 6], 'long' => 24, 'front' => 'moon', 'side' => 'flank']],
            ['it has no surface "moon".'],
        ];
        yield 'a surface that no face shows' => [
            'plate-ring',
            [['cord' => [104, 3], 'of' => 'rubber']],
            ['no face of its drawing is its surface "ring".'],
        ];
        yield 'no size' => ['plate-ring', [['cord' => 'thick']], ['drawing/shapes/plate-ring/0/cord: expected a number.']];
    }

    /** @param list<string> $says */
    #[DataProvider('wrongShapes')]
    public function testItIsSaidWhatIsWrongWithAShape(string $part, mixed $shape, array $says): void
    {
        $content = Books::file('roller-pump');
        $drawing = (array) ($content['drawing'] ?? []);
        $content['drawing'] = ['shapes' => array_filter([$part => $shape] + (array) ($drawing['shapes'] ?? []))] + $drawing;
        $problems = array_map(
            static fn (BookProblem $one): string => $one->path.': '.$one->message,
            iterator_to_array(DrawingCheck::problems((new BookFactory())->book((new BookTypes($content))->books()['roller-pump'])), false),
        );
        foreach ($says as $told) {
            self::assertStringContainsString($told, implode("\n", $problems));
        }
        self::assertStringContainsString("drawing/shapes/$part", $problems[0] ?? '', 'nothing else is wrong with it');
    }
}
