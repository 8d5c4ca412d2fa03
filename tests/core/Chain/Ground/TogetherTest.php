<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Chain\Ground\Together;
use Japhrex\Core\Chain\Inference\Inference;
use PHPUnit\Framework\TestCase;

/** Water rusts steel: a quarter of all faces, but not each for itself. */
final class TogetherTest extends TestCase
{
    private const WATER = 'origin:water-let-in';

    /**
     * @param int $faces that water can rust, each with a chance of a quarter
     * @param int $sound of them, seen for certain
     */
    private static function ground(int $faces, int $sound): Ground
    {
        $spots = [self::WATER => new Spot('origin', 'water-let-in', null, 'Water let in', 0.5)];
        $ties = $seen = [];
        for ($i = 0; $i < $faces; ++$i) {
            $rust = new Spot('damage', 'corrosion', 'part-'.$i, 'Rust', 0.0);
            $spots[$rust->id()] = $rust;
            $ties[] = new Tie(self::WATER, $rust->id(), 'water-rusts', 0.25);
            if ($i < $sound) {
                $seen[$rust->id()] = new Evidence($rust->id(), 1.0, 0.0, 'sound');
            }
        }

        return new Ground(...[...Together::of($spots, $ties), [], $seen]);
    }

    private static function chanceOf(string $id, Ground $ground): float
    {
        $question = $ground->question();

        return Inference::answer($question)->posteriors[$question->network->index[$id]];
    }

    /** Even odds, one of six looked at and sound: 0.75 to 1, as if it were the only one. */
    public function testAFaceByItselfIsAsLikelyAsBefore(): void
    {
        self::assertEqualsWithDelta(0.75 / 1.75, self::chanceOf(self::WATER, self::ground(6, 1)), 1e-12);
    }

    /**
     * By hand: it shows with 0.25 + 0.75 · 0.6 = 0.7, then on a face with 0.25 / 0.7. Ten sound faces: 0.3 + 0.7 · (1 − 0.25 / 0.7)^10,
     * which is 0.30844; each for itself it would be 0.75^10, which is 0.0563. Even odds before: 0.30844 / 1.30844.
     */
    public function testTenSoundFacesSayNoMoreThanThatItDidNotShowSo(): void
    {
        self::assertEqualsWithDelta(0.23573, self::chanceOf(self::WATER, self::ground(10, 10)), 1e-5);
        self::assertGreaterThan(0.3 / 1.3, self::chanceOf(self::WATER, self::ground(40, 40)), 'no number of sound faces rules it out');
    }

    /** Even odds, one of two sound: 0.75 to 1. */
    public function testTwoFacesSpeakEachForItself(): void
    {
        $ground = self::ground(2, 1);
        self::assertCount(3, $ground->spots);
        self::assertEqualsWithDelta(0.75 / 1.75, self::chanceOf(self::WATER, $ground), 1e-12);
    }
}
