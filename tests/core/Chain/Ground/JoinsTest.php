<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Joins;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use PHPUnit\Framework\TestCase;

/** Which mechanisms can lead from one condition to another, and what lies between two that nothing joins. */
final class JoinsTest extends TestCase
{
    private static function ground(): Ground
    {
        $spots = [];
        foreach (['grit', 'oil', 'score', 'leak', 'creeps'] as $id) {
            $spots[$id] = new Spot('state', $id, null, ucfirst($id), 0.01);
        }

        return new Ground($spots, [
            new Tie('grit', 'oil', 'dirt-entry', 0.9, 'oil'),
            new Tie('oil', 'score', 'abrasion', 0.5, 'oil'),
            new Tie('oil', 'score', 'abrasion', 0.7, 'oil'),
            new Tie('oil', 'score', 'abrasion', 0.2, 'touch'),
            new Tie('oil', 'score', 'embedding', 0.8),
            new Tie('score', 'leak', 'leak-path', 0.6),
            new Tie('leak', 'creeps', 'noticed-as', 0.8),
            new Tie('oil', 'creeps', 'noticed-as', 0.05),
        ], [], []);
    }

    public function testTheLikeliestWayComesFirstAndEachMechanismAndCarrierOnce(): void
    {
        $offers = array_map(
            static fn (Tie $one): array => [$one->mechanism, $one->by, $one->strength],
            Joins::between(self::ground(), ['oil'], ['score', 'leak']),
        );
        self::assertSame([['embedding', '', 0.8], ['abrasion', 'oil', 0.7], ['abrasion', 'touch', 0.2]], $offers);
        self::assertSame([], Joins::between(self::ground(), ['score'], ['oil']), 'an effect brings about no cause');
    }

    public function testWhatLiesBetweenIsTheLikeliestWayAndNotTheShortest(): void
    {
        $ways = static fn (string $from, string $to): array => array_map(
            static fn (Spot $one): string => $one->key,
            Joins::byWayOf(self::ground(), [$from], [$to]),
        );
        // 0.9 · 0.8 · 0.6 · 0.8 = 0.35 by the score, 0.9 · 0.05 = 0.05 without it.
        self::assertSame(['oil', 'score', 'leak'], $ways('grit', 'creeps'));
        self::assertSame([], $ways('creeps', 'grit'));
    }
}
