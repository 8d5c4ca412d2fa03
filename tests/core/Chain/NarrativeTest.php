<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain;

use Japhrex\Core\Chain\Chain;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Narrative;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\Step;
use PHPUnit\Framework\TestCase;

/** A chain told from the origin to the complaint. */
final class NarrativeTest extends TestCase
{
    /** @param list<string> $links `cause>effect` */
    private static function chain(array $links): Chain
    {
        $kinds = ['dirt' => NodeKind::Origin, 'heat' => NodeKind::Origin, 'weak' => NodeKind::Complaint, 'leak' => NodeKind::Complaint];
        $nodes = array_map(
            static fn (string $id): Node => new Node($id, $kinds[$id] ?? NodeKind::Damage, $id),
            ['weak', 'scored block', 'hard lip', 'grains', 'dirt', 'leak', 'heat'],
        );

        return new Chain(
            $nodes,
            array_map(static fn (string $link): Link => new Link($link, explode('>', $link)[0], explode('>', $link)[1], 'x', null), $links),
        );
    }

    public function testABranchIsToldToItsEndBeforeTheNextBegins(): void
    {
        $told = Narrative::of(self::chain(['dirt>grains', 'grains>scored block', 'scored block>weak', 'heat>hard lip', 'hard lip>leak']));
        self::assertSame(
            ['dirt', 'grains', 'scored block', 'weak', 'heat', 'hard lip', 'leak'],
            array_map(static fn (Step $step): string => $step->node->id, $told),
        );
        self::assertSame([], $told[0]->because);
        self::assertSame('dirt>grains', $told[1]->because[0]->id);
    }

    public function testACauseIsToldBeforeItsEffectAlsoWhenItHasTwo(): void
    {
        $told = Narrative::of(self::chain(['dirt>scored block', 'heat>hard lip', 'hard lip>scored block', 'scored block>weak']));
        $place = array_flip(array_map(static fn (Step $step): string => $step->node->id, $told));
        self::assertLessThan($place['scored block'], $place['hard lip']);
        self::assertCount(2, $told[$place['scored block']]->because, 'both causes are named');
        self::assertCount(7, $told, 'nothing is left out, linked or not');
    }

    public function testALoopIsToldToo(): void
    {
        self::assertCount(7, Narrative::of(self::chain(['dirt>grains', 'grains>scored block', 'scored block>grains'])));
    }

    public function testEachComplaintHasItsOwnPath(): void
    {
        $chain = self::chain(['dirt>grains', 'grains>scored block', 'scored block>weak', 'heat>hard lip']);
        self::assertSame(
            ['dirt', 'grains', 'scored block', 'weak'],
            array_map(static fn (Node $node): string => $node->id, Narrative::pathTo($chain, 'weak')),
        );
        self::assertSame([], Narrative::pathTo($chain, 'leak'), 'nothing leads there yet');
    }

    public function testWhatBelongsToOneComplaintLeavesTheOtherOut(): void
    {
        $chain = self::chain(['dirt>grains', 'grains>scored block', 'scored block>weak', 'grains>leak', 'heat>hard lip', 'hard lip>leak']);
        $weak = $chain->towards(['weak']);
        self::assertSame(['weak', 'scored block', 'grains', 'dirt'], array_keys($weak->nodes));
        self::assertSame(
            ['dirt>grains', 'grains>scored block', 'scored block>weak'],
            array_map(static fn (Link $link): string => $link->id, $weak->links),
        );
        self::assertSame([], $chain->towards(['nowhere'])->nodes);
        self::assertSame(
            ['heat', 'hard lip', 'leak'],
            array_map(static fn (Node $node): string => $node->id, Narrative::pathTo($chain, 'leak', 'heat')),
            'from the origin that is asked for',
        );
    }
}
