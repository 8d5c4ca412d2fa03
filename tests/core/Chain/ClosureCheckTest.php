<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain;

use Japhrex\Core\Chain\Chain;
use Japhrex\Core\Chain\ClosureCase;
use Japhrex\Core\Chain\ClosureCheck;
use Japhrex\Core\Chain\ClosureProblem;
use Japhrex\Core\Chain\ClosureRule;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OpenFinding;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Teardown\Shortage;
use Japhrex\Tests\core\Family\SmallBook;
use PHPUnit\Framework\TestCase;

final class ClosureCheckTest extends TestCase
{
    private const COMPLAINT = ['c' => 'No water'];

    /**
     * @param list<Node> $nodes
     * @param list<Link> $links
     *
     * @return list<ClosureProblem>
     */
    private static function problems(array $nodes, array $links, ?ClosureCase $case = null): array
    {
        return (new ClosureCheck(SmallBook::with()))->problems(
            new Chain($nodes, $links),
            $case ?? new ClosureCase(self::COMPLAINT, ['c' => 'complaint'], [], []),
        );
    }

    /**
     * @param list<ClosureProblem> $problems
     *
     * @return list<ClosureRule>
     */
    private static function rules(array $problems): array
    {
        return array_map(static fn (ClosureProblem $problem): ClosureRule => $problem->rule, $problems);
    }

    /** @return array{Node, Node, Node, Node} */
    private static function nodes(): array
    {
        return [
            new Node('sand', NodeKind::Origin, 'Sand let in', order: 1, evidence: 1),
            new Node('bore', NodeKind::Damage, 'Scored bore', 'barrel/bore', 2, 1),
            new Node('skirt', NodeKind::Damage, 'Scored skirt', 'plunger/skirt', 2, 1),
            new Node('complaint', NodeKind::Complaint, 'No water', order: 3, evidence: 1),
        ];
    }

    /** @return array{Link, Link, Link} */
    private static function links(): array
    {
        return [
            new Link('1', 'sand', 'bore', 'dirt', null),
            new Link('2', 'bore', 'skirt', 'wear', CarrierKind::Touch),
            new Link('3', 'skirt', 'complaint', 'noticed', null),
        ];
    }

    public function testAWholeChainIsClosed(): void
    {
        self::assertSame([], self::problems(self::nodes(), self::links()));
    }

    public function testAComplaintThatNoPathExplainsIsNamed(): void
    {
        $problems = self::problems(self::nodes(), \array_slice(self::links(), 0, 2));
        self::assertSame([ClosureRule::ComplaintUnexplained], self::rules($problems));
        self::assertSame('complaint', $problems[0]->node);
        self::assertSame(
            [ClosureRule::ComplaintUnexplained],
            self::rules(self::problems(self::nodes(), self::links(), new ClosureCase(self::COMPLAINT, [], [], []))),
        );
    }

    public function testAFindingLeftOutIsNamedWithItsPart(): void
    {
        $case = new ClosureCase(
            self::COMPLAINT,
            ['c' => 'complaint'],
            [new OpenFinding('f1', 'Rust on lid', 'lid'), new OpenFinding('f2', 'Scored bore', 'barrel')],
            ['f2'],
        );
        $problems = self::problems(self::nodes(), self::links(), $case);
        self::assertSame([ClosureRule::FindingLeftOut], self::rules($problems));
        self::assertSame('lid', $problems[0]->part);
    }

    public function testALinkThatNothingCarriesSaysWhatWould(): void
    {
        $links = self::links();
        $links = [$links[0], new Link('2', 'bore', 'skirt', 'wear', CarrierKind::Drive), $links[2]];
        $problems = self::problems(self::nodes(), $links);
        self::assertSame([ClosureRule::NoCarrier], self::rules($problems));
        self::assertSame('2', $problems[0]->link);
        self::assertStringContainsString('The book joins them by the oil or by touch.', $problems[0]->message);
        $links = [$links[0], new Link('2', 'bore', 'skirt', 'wear', null), $links[2]];
        self::assertSame(
            [ClosureRule::NoCarrier],
            self::rules(self::problems(self::nodes(), $links)),
            'at the same place, but they are two places',
        );
    }

    public function testAnEffectIsNotOlderThanItsCause(): void
    {
        $nodes = self::nodes();
        $nodes = [$nodes[0], $nodes[1], new Node('skirt', NodeKind::Damage, 'Scored skirt', 'plunger/skirt', 1, 1), $nodes[3]];
        self::assertSame([ClosureRule::EffectBeforeCause], self::rules(self::problems($nodes, self::links())));
    }

    public function testALoopIsNamedOnce(): void
    {
        $links = [...self::links(), new Link('4', 'skirt', 'bore', 'wear', CarrierKind::Touch)];
        $problems = self::problems(self::nodes(), $links);
        self::assertSame([ClosureRule::Loop], self::rules($problems));
        self::assertStringContainsString('Scored bore, Scored skirt', $problems[0]->message);
    }

    public function testAnOriginRestsOnEvidence(): void
    {
        $nodes = self::nodes();
        $nodes = [new Node('sand', NodeKind::Origin, 'Sand let in', order: 1), ...\array_slice($nodes, 1)];
        self::assertSame([ClosureRule::OriginWithoutEvidence], self::rules(self::problems($nodes, self::links())));
    }

    public function testAComebackDealsWithTheEarlierOrigin(): void
    {
        $case = static fn (bool $dealt): ClosureCase => new ClosureCase(
            self::COMPLAINT,
            ['c' => 'complaint'],
            [],
            [],
            [],
            'Sand left in the tank',
            $dealt,
        );
        self::assertSame([ClosureRule::EarlierOriginOpen], self::rules(self::problems(self::nodes(), self::links(), $case(false))));
        self::assertSame([], self::problems(self::nodes(), self::links(), $case(true)));
    }

    public function testWhatNobodyLookedAtMakesTheDiagnosisProvisional(): void
    {
        $problems = self::problems(
            self::nodes(),
            self::links(),
            new ClosureCase(self::COMPLAINT, ['c' => 'complaint'], [], [], ['Lid', 'A', 'B', 'C', 'D']),
        );
        self::assertTrue($problems[0]->rule->isOnlyProvisional());
        self::assertStringContainsString('Lid, A, B, C and 1 more', $problems[0]->message);
    }

    public function testWhatStaysShutMakesTheDiagnosisProvisionalAndAMissingNeedleKeepsItOpen(): void
    {
        $book = SmallBook::with(['strip/0/counts' => [['what' => 'needles', 'count' => 22]]]);
        $case = new ClosureCase(
            self::COMPLAINT,
            ['c' => 'complaint'],
            [],
            [],
            shut: ['plunger' => 'Plunger rod'],
            shortages: Shortage::at($book->strip['lid'], ['needles' => 21]),
        );
        $problems = self::problems(self::nodes(), self::links(), $case);
        self::assertSame([ClosureRule::SmallPartMissing, ClosureRule::LeftShut], self::rules(\array_slice($problems, -2)));
        [$missing, $shut] = \array_slice($problems, -2);
        self::assertSame(['lid', 'plunger'], [$missing->step, $shut->step], 'each jumps to its strip step');
        self::assertSame('Not opened yet: Plunger rod. What is concluded meanwhile is provisional.', $shut->message);
        self::assertTrue($shut->rule->isOnlyProvisional());
        self::assertFalse($missing->rule->isOnlyProvisional());
    }
}
