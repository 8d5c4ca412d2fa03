<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\SeenDamage;
use Japhrex\Core\Photo\Stroke;
use Japhrex\Core\Photo\Wanted;
use Japhrex\Core\Teardown\InHand;
use Japhrex\Tests\core\Family\SmallBook;
use PHPUnit\Framework\TestCase;

final class WantedAndInHandTest extends TestCase
{
    public function testAGoodPartIsWantedAsFoundOnly(): void
    {
        self::assertSame(['as found'], Wanted::ofPart(SmallBook::with(), 'barrel', [], [], static fn (): bool => false));
        self::assertSame(
            [],
            Wanted::ofPart(
                SmallBook::with(),
                'barrel',
                [new SeenDamage('barrel/bore', 1, 'Polishing', false)],
                ['as-found' => true],
                static fn (): bool => false,
            ),
        );
    }

    public function testADamagedFaceIsWantedCleanedCloseUpAndWithItsMate(): void
    {
        $scored = [new SeenDamage('barrel/bore', 3, 'Scoring', false)];
        self::assertSame(
            ['cleaned', 'its mate, plunger', 'close up and marked: scoring, grade 3'],
            Wanted::ofPart(SmallBook::with(), 'barrel', $scored, ['as-found' => true], static fn (): bool => false),
        );
        $scored = [new SeenDamage('barrel/bore', 3, 'Scoring', true)];
        self::assertSame(
            [],
            Wanted::ofPart(
                SmallBook::with(),
                'barrel',
                $scored,
                ['as-found' => true, 'cleaned' => true],
                static fn (string $part): bool => 'plunger' === $part,
            ),
        );
    }

    public function testAScaleIsAskedForWhereDamageIsSeenClean(): void
    {
        self::assertTrue(Wanted::asksScale(true, [1, 2]));
        self::assertFalse(Wanted::asksScale(false, [4]), 'as found, dirt lies on it');
        self::assertFalse(Wanted::asksScale(true, [0, 1]));
        self::assertFalse(Wanted::asksScale(true, []));
    }

    public function testAUnitIsWantedFromAllSidesWithItsTag(): void
    {
        self::assertSame(['the unit from all sides (1 of 4)', 'the tag, or where it was'], Wanted::ofArrival(1, false));
        self::assertSame([], Wanted::ofArrival(4, true));
    }

    public function testAPictureBelongsToTheStepThatWasClosedAfterIt(): void
    {
        $book = SmallBook::with();
        $closed = ['lid' => new \DateTimeImmutable('10:00'), 'plunger' => new \DateTimeImmutable('10:30')];
        $at = static fn (string $time): ?string => InHand::at($book, $closed, new \DateTimeImmutable($time))?->key;
        self::assertSame('lid', $at('09:50'));
        self::assertSame('plunger', $at('10:01'));
        self::assertSame('plunger', $at('10:45'), 'it still lies there');
        self::assertNull($at('12:00'), 'long after the last step');
        self::assertNull($at('07:00'), 'long before the first');
    }

    public function testAStrokeKeepsItsCornersAndLosesItsTremble(): void
    {
        $stroke = array_map(static fn (int $i): array => [$i / 100, 0.5 + 0.0005 * ($i % 2)], range(0, 50));
        self::assertCount(2, Stroke::simplified($stroke));
        self::assertSame(
            [[0.0, 0.0], [0.5, 0.0], [0.5, 0.5]],
            Stroke::simplified([[0.0, 0.0], [0.2, 0.0], [0.5, 0.0], [0.5, 0.2], [0.5, 0.5]]),
        );
    }
}
