<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Damage;

use Japhrex\Core\Damage\Grade;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\BookError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DamageTest extends TestCase
{
    public function testEachGradeOfTheWearRampIsDarkerThanTheOneBefore(): void
    {
        $lightness = array_map(static function (Grade $grade): float {
            $rgb = array_map(static fn (string $hex): float => hexdec($hex) / 255, str_split(substr($grade->colour(), 1), 2));

            // Rec. 709 luma, as a grey printer sees it.
            return 0.2126 * $rgb[0] + 0.7152 * $rgb[1] + 0.0722 * $rgb[2];
        }, Grade::cases());
        $sorted = $lightness;
        rsort($sorted);
        self::assertSame($sorted, $lightness);
        for ($i = 1; $i < 5; ++$i) {
            self::assertGreaterThan(0.08, $lightness[$i - 1] - $lightness[$i]);
        }
    }

    public function testAModeHasAnAnchorForEveryGrade(): void
    {
        $mode = [
            'name' => 'Scoring',
            'told' => 'got grooves',
            'what' => 'Lines',
            'grades' => ['none', 'light', 'felt', 'catches', 'stops'],
        ];
        self::assertSame('felt', ModeCatalogue::of(['modes' => ['scoring' => $mode]])->get('scoring')?->grades[2]);
        $this->expectException(BookError::class);
        array_pop($mode['grades']);
        ModeCatalogue::of(['modes' => ['scoring' => $mode]]);
    }

    /** @return iterable<string, array{MarkShape, array<mixed>}> */
    public static function wrongMarks(): iterable
    {
        yield 'beside the picture' => [MarkShape::Line, [[0.1, 0.1], [1.2, 0.1]]];
        yield 'a line of three points' => [MarkShape::Line, [[0.1, 0.1], [0.2, 0.1], [0.3, 0.1]]];
        yield 'an outline of two' => [MarkShape::Outline, [[0.1, 0.1], [0.2, 0.1]]];
        yield 'no numbers' => [MarkShape::Box, [['a', 'b'], [0.1, 0.2]]];
        yield 'no extent' => [MarkShape::Arrow, [[0.1, 0.1], [0.1, 0.1]]];
        yield 'nothing' => [MarkShape::Box, []];
    }

    /** @param array<mixed> $points */
    #[DataProvider('wrongMarks')]
    public function testAMarkThatCannotBeDrawnIsRefused(MarkShape $shape, array $points): void
    {
        $this->expectException(\DomainException::class);
        $shape->points($points);
    }

    public function testAMarkKeepsItsPoints(): void
    {
        self::assertSame([[0.25, 0.5], [0.75, 0.5]], MarkShape::Arrow->points([['0.25', 0.5], [0.75, 0.5]]));
    }
}
