<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Stories;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Chain\Inference\Inference;
use PHPUnit\Framework\TestCase;

/** Two faces that harm each other: neither origin is favoured by the order of their names. */
final class MutualTest extends TestCase
{
    private static function ground(): Ground
    {
        $spots = [];
        foreach (['a', 'b'] as $at) {
            foreach ([['origin', 'defect', 0.1], ['damage', 'scuffing', 0.01]] as [$kind, $key, $leak]) {
                $spots[Spot::idOf($kind, $key, $at)] = new Spot($kind, $key, $at, $key, $leak);
            }
        }
        [$x, $y] = ['damage:scuffing@a', 'damage:scuffing@b'];

        return new Ground(
            $spots,
            [new Tie('origin:defect@a', $x, 'own', 0.8), new Tie('origin:defect@b', $y, 'own', 0.8), new Tie($x, $y, 'mate', 0.5)],
            [new Tie($y, $x, 'mate', 0.5)],
            [$x => new Evidence($x, 0.0, 1.0, 'seen'), $y => new Evidence($y, 0.0, 1.0, 'seen')],
        );
    }

    /**
     * Each is hurt by its own in p = 1 − (1 − 0.1·0.8)(1 − 0.01) = 0.0892, and both are hurt if both are so by their own or one is and
     * passes it on: p² + 2·0.5·p(1 − p) = p. With a there, face a is so in 0.802, so both in
     * 0.802·p + 0.5·0.802·(1 − p) + 0.5·0.198·p = 0.4456; given both, a is there in 0.1·0.4456 ÷ 0.0892 = 0.49955. So is b.
     */
    public function testWhichCameFirstIsLeftOpen(): void
    {
        [$pruned] = self::ground()->pruned();
        $question = $pruned->question();
        $answer = Inference::answer($question);
        foreach (['origin:defect@a', 'origin:defect@b'] as $origin) {
            self::assertEqualsWithDelta(0.49955, $answer->posteriors[$question->network->index[$origin]], 5e-6, $origin);
        }
    }

    public function testTheStoryBeginsAtEitherFace(): void
    {
        $stories = Stories::of(self::ground());
        $told = array_map(
            static fn (Tie $tie): string => $tie->from.' > '.$tie->to,
            $stories->from('origin:defect@b', ['damage:scuffing@a', 'damage:scuffing@b']),
        );
        sort($told);
        self::assertSame(['damage:scuffing@b > damage:scuffing@a', 'origin:defect@b > damage:scuffing@b'], $told);
        // 0.8 at its own face, half of that at the other.
        self::assertEqualsWithDelta(0.4, $stories->alone('origin:defect@b')['damage:scuffing@a'], 1e-12);
    }
}
