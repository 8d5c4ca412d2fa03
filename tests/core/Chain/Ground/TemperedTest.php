<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Tempered;
use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Chain\Mechanism\RecordLevel;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** What is said of how sure it is: the part of the first along its line, the rest shared out as before. */
final class TemperedTest extends TestCase
{
    private static function general(): MechanismBook
    {
        return Books::mechanisms();
    }

    public function testTheFirstIsLiftedAlongItsLineAndTheOthersShareTheRest(): void
    {
        $weights = self::general()->vocabulary->weights;
        self::assertSame([1.4, 1.0], [$weights->temper, $weights->lift], 'by hand below with these');
        // Half is an even chance: 1 / (1 + e^−1) = 0.7311; the second had 0.3 of the other half, so 0.6 of 0.2689.
        self::assertEqualsWithDelta([0.7311, 0.1613, 0.0], Tempered::of([0.5, 0.3, 0.0], $weights), 0.0001);
        // 0.1 is one to nine: 9^1.4 = 21.67, and 1 / (1 + 21.67 e^−1) = 0.1114.
        self::assertEqualsWithDelta([0.1114], Tempered::of([0.1], $weights), 0.0001);
        self::assertSame([0.0, 0.0], Tempered::of([0.0, 0.0], $weights));
        self::assertLessThan(1.0, Tempered::of([1.0], $weights)[0], 'nothing is certain');
    }

    public function testTheRecordIsThatOfTheLevelAndItsLevelsCoverEveryChance(): void
    {
        $words = self::general()->vocabulary;
        self::assertNotSame([], $words->record);
        $least = array_map(static fn (RecordLevel $one): float => $one->least, $words->record);
        $sorted = $least;
        rsort($sorted);
        self::assertSame($sorted, $least, 'the surest first');
        self::assertSame(0.0, end($least), 'of every chance there is a record');
        self::assertSame($words->record[0], $words->recordOf(0.95));
        self::assertSame($words->record[0], $words->recordOf($least[0]));
        self::assertNotSame($words->record[0], $words->recordOf($least[0] - 0.001));
        foreach ($words->record as $one) {
            self::assertLessThanOrEqual($one->of, $one->right);
        }
    }
}
