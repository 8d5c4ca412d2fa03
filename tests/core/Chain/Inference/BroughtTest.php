<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Inference;

use Japhrex\Core\Chain\Inference\Brought;
use Japhrex\Core\Chain\Inference\Condition;
use Japhrex\Core\Chain\Inference\Inference;
use Japhrex\Core\Chain\Inference\Network;
use Japhrex\Core\Chain\Inference\Question;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What would not be, had an origin not been: by hand on small networks, and by draws where there are too many links to go through. */
final class BroughtTest extends TestCase
{
    /**
     * @param array<string, float|array{float, array<string, float>}> $nodes origin => prior; effect => leak, and strengths of its causes
     */
    private static function network(array $nodes): Network
    {
        $index = array_flip(array_keys($nodes));
        $conditions = [];
        foreach ($nodes as $id => $node) {
            $causes = [];
            foreach (\is_array($node) ? $node[1] : [] as $cause => $strength) {
                $causes[$index[$cause]] = $strength;
            }
            $conditions[] = new Condition($id, \is_array($node) ? 'state' : Network::ORIGIN, \is_array($node) ? $node[0] : $node, $causes);
        }

        return new Network($conditions);
    }

    /**
     * @param array<string, float|array{float, array<string, float>}> $nodes
     * @param list<string> $seen
     *
     * @return array{Brought, array<string, int>}
     */
    private static function brought(array $nodes, array $seen, string $effect): array
    {
        $network = self::network($nodes);
        $at = $network->index;
        $there = array_map(static fn (string $id): int => $at[$id], $seen);
        $question = new Question($network, array_fill_keys($there, [0.0, 1.0]), [], null);

        return [Brought::of($question, [$at[$effect]], Inference::answer($question)->posteriors), $at];
    }

    /** @return iterable<string, array{array<string, float|array{float, array<string, float>}>, list<string>, array<string, float>}> */
    public static function networks(): iterable
    {
        // P(effect) = 0.1·(1 − 0.95·0.2) + 0.9·0.05 = 0.126; needed where the link alone did it: 0.1·0.8·0.95 = 0.076.
        yield 'one cause, and some that is not known' => [['a' => 0.1, 'e' => [0.05, ['a' => 0.8]]], ['e'], ['a' => 0.076 / 0.126]];
        // Both there for certain, each sure to do it: one has to be taken away before the other is needed.
        yield 'either would have done' => [
            ['a' => 0.3, 'b' => 0.2, 'e' => [0.0, ['a' => 1.0, 'b' => 1.0]]], ['a', 'b', 'e'], ['a' => 0.5, 'b' => 0.5],
        ];
        // Links of a half: a alone ¼, b alone ¼, both links ¼, of the three that bring it about: 1/3 + ½·1/3 = ½.
        yield 'either may have done' => [
            ['a' => 0.3, 'b' => 0.2, 'e' => [0.0, ['a' => 0.5, 'b' => 0.5]]], ['a', 'b', 'e'], ['a' => 0.5, 'b' => 0.5],
        ];
        // Three that are each sure: two have to go before one is needed.
        yield 'any of three would have done' => [
            ['a' => 0.3, 'b' => 0.3, 'c' => 0.3, 'e' => [0.0, ['a' => 1.0, 'b' => 1.0, 'c' => 1.0]]],
            ['a', 'b', 'c', 'e'],
            ['a' => 1 / 3, 'b' => 1 / 3, 'c' => 1 / 3],
        ];
        // It was seen, and leads nowhere: real, but beside it. b: 0.1·0.8·0.95 of 0.126 as above.
        yield 'what is there and idle' => [
            ['idle' => 0.5, 'b' => 0.1, 'e' => [0.05, ['b' => 0.8]]], ['idle', 'e'], ['idle' => 0.0, 'b' => 0.076 / 0.126],
        ];
        // By way of a state: the link into it and the one out of it both held. P(e) = 0.2·0.9·0.5 = 0.09, all of it a's.
        yield 'by way of a state' => [
            ['a' => 0.2, 's' => [0.0, ['a' => 0.9]], 'e' => [0.0, ['s' => 0.5]]], ['e'], ['a' => 1.0],
        ];
        // Two ways from one origin to the effect: it is needed though neither way is.
        yield 'by two ways' => [
            ['a' => 0.2, 's' => [0.0, ['a' => 1.0]], 't' => [0.0, ['a' => 1.0]], 'e' => [0.0, ['s' => 1.0, 't' => 1.0]]],
            ['e'],
            ['a' => 1.0],
        ];
    }

    /**
     * @param array<string, float|array{float, array<string, float>}> $nodes
     * @param list<string> $seen
     * @param array<string, float> $parts by hand
     */
    #[DataProvider('networks')]
    public function testByHand(array $nodes, array $seen, array $parts): void
    {
        [$brought, $at] = self::brought($nodes, $seen, 'e');
        self::assertInfinite($brought->effective, 'it is exact');
        foreach ($parts as $origin => $part) {
            self::assertEqualsWithDelta($part, $brought->by[$at['e']][$at[$origin]] ?? 0.0, 1e-12, $origin);
        }
    }

    /**
     * The same three as by hand, beside so many links to things that were looked for and not found that it has to be drawn. What was not
     * found leads nowhere, so the answer is that of the small network with the prior moved: P(a | nothing at any of them).
     */
    public function testWhereThereAreTooManyLinksItIsDrawnWithItsError(): void
    {
        $nodes = ['a' => 0.1, 'e' => [0.05, ['a' => 0.8]]];
        $network = self::network($nodes + array_fill_keys(
            array_map(static fn (int $i): string => 'x'.$i, range(1, 20)),
            [0.0, ['a' => 0.05]],
        ));
        $at = $network->index;
        $seen = [$at['e'] => [0.0, 1.0]];
        foreach (range(1, 20) as $i) {
            $seen[$at['x'.$i]] = [1.0, 0.0];
        }
        $question = new Question($network, $seen, [], null);
        $brought = Brought::of($question, [$at['e']], Inference::answer($question)->posteriors);
        // Odds of a after twenty looks that found nothing: 0.1·0.95^20 to 0.9, so 0.0383 to 0.9; then as above.
        $a = 0.1 * 0.95 ** 20 / (0.1 * 0.95 ** 20 + 0.9);
        $by = $a * 0.8 * 0.95 / ($a * (1 - 0.95 * 0.2) + (1 - $a) * 0.05);
        self::assertGreaterThan(500, $brought->effective);
        $error = $brought->errors[$at['e']][$at['a']];
        self::assertLessThan(0.03, $error);
        self::assertEqualsWithDelta($by, $brought->by[$at['e']][$at['a']], 4 * $error);
        self::assertEquals($brought, Brought::of($question, [$at['e']], Inference::answer($question)->posteriors), 'the same each time');
    }

    /**
     * Two of which either alone suffices, drawn. With the looks that found nothing each is there in 1 of 2, so given the effect: both, one,
     * the other, 1 in 3 each. That one is there in 2 of 3 is known exactly; where it is, its part is 1/2 or 1, each as often: mean 3/4,
     * variance 1/16, over 2/3 of n draws. So the error is 2/3·√(1/16 ÷ 2n/3) = √(1/24n), half of what counting all draws would leave.
     */
    public function testTheErrorOfWhatIsDrawnIsThatOfPartsAndOfHalves(): void
    {
        $prior = 1 / (1 + 0.95 ** 10);
        $nodes = ['a' => $prior, 'b' => $prior, 'e' => [0.0, ['a' => 1.0, 'b' => 1.0]]];
        foreach (range(1, 10) as $i) {
            $nodes += ['x'.$i => [0.0, ['a' => 0.05]], 'y'.$i => [0.0, ['b' => 0.05]]];
        }
        $network = self::network($nodes);
        $at = $network->index;
        $seen = array_fill_keys(array_values(array_diff_key($at, ['a' => 0, 'b' => 0, 'e' => 0])), [1.0, 0.0]) + [$at['e'] => [0.0, 1.0]];
        $question = new Question($network, $seen, [], null);
        $brought = Brought::of($question, [$at['e']], Inference::answer($question)->posteriors);
        $error = $brought->errors[$at['e']][$at['a']];
        self::assertEqualsWithDelta(sqrt(1 / 24 / $brought->effective), $error, 0.12 * $error);
        self::assertEqualsWithDelta(0.5, $brought->by[$at['e']][$at['a']], 4 * $error);
    }
}
