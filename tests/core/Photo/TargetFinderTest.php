<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\Point;
use Japhrex\Core\Photo\TargetFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The card is found where it was drawn, turned and slanted, and nowhere else. */
final class TargetFinderTest extends TestCase
{
    /**
     * A place of the plane, mm, in the picture: turned, then seen by a camera 260 mm away that is tilted.
     *
     * @return array{float, float}
     */
    private static function seen(float $u, float $v, float $turn, float $tilt): array
    {
        [$s, $c] = [sin(deg2rad($turn)), cos(deg2rad($turn))];
        [$x, $y] = [($u - 30) * $c - ($v - 20) * $s, ($u - 30) * $s + ($v - 20) * $c];
        $depth = 260 + $y * sin(deg2rad($tilt));

        return [320 + 1100 * $x / $depth, 240 - 1100 * $y * cos(deg2rad($tilt)) / $depth];
    }

    /** @return iterable<string, array{float, float}> */
    public static function stands(): iterable
    {
        yield 'square' => [0, 0];
        yield 'turned' => [27, 0];
        yield 'upside down' => [180, 0];
        yield 'slanted' => [12, 40];
        yield 'turned and slanted' => [-55, 35];
    }

    #[DataProvider('stands')]
    public function testTheCardIsFoundToAThirdOfAPixel(float $turn, float $tilt): void
    {
        [$s, $c] = [sin(deg2rad($turn)), cos(deg2rad($turn))];
        [$st, $ct] = [sin(deg2rad($tilt)), cos(deg2rad($tilt))];
        $inverse = static function (int $px, int $py) use ($s, $c, $st, $ct): array {
            // y' = −1100·y·cos/(260 + y·sin) solved for y, then x, then turned back.
            $b = (240 - $py) / 1100;
            $y = 260 * $b / ($ct - $b * $st);
            $x = ($px - 320) / 1100 * (260 + $y * $st);

            return [$x * $c + $y * $s + 30, -$x * $s + $y * $c + 20];
        };
        $target = (new TargetFinder())->find(Drawn::card(640, 480, $inverse));
        self::assertNotNull($target);
        foreach ([[0, 0], [60, 0], [60, 40], [0, 40]] as $i => [$u, $v]) {
            [$x, $y] = self::seen($u, $v, $turn, $tilt);
            self::assertLessThan(0.35, $target->middles[$i]->to(new Point($x, $y)), 'square '.$i);
        }
        $plane = $target->plane();
        $length = $plane->place(new Point(...self::seen(-5, 30, $turn, $tilt)))->to(
            $plane->place(new Point(...self::seen(65, 30, $turn, $tilt)))
        );
        self::assertEqualsWithDelta(70.0, $length, 0.35, 'half a percent of a length across the card');
    }

    public function testWhereNoCardIsNoneIsFound(): void
    {
        self::assertNull((new TargetFinder())->find(Drawn::scratches(30, 12)));
        self::assertNull(
            (new TargetFinder())->find(
                Drawn::of(200, 150, static fn (int $x, int $y): float => 0 === intdiv($x, 9) % 2 ^ intdiv($y, 9) % 2 ? 220 : 30)
            ),
            'squares of another kind',
        );
    }

    public function testACardOfWhichASquareIsHiddenIsNotGuessed(): void
    {
        $inverse = static fn (int $x, int $y): array => [($x - 110) / 6, (380 - $y) / 6];
        self::assertNotNull((new TargetFinder())->find(Drawn::card(640, 480, $inverse)));
        $hidden = Drawn::card(640, 480, static fn (int $x, int $y): array => $x > 400 && $y < 240 ? [999, 999] : $inverse($x, $y));
        self::assertNull((new TargetFinder())->find($hidden));
    }
}
