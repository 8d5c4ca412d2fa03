<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\PlaceMap;

/** Says what an analyst's chain still leaves open. */
final readonly class ClosureCheck
{
    private PlaceMap $map;

    public function __construct(private Book $book)
    {
        $this->map = new PlaceMap($book);
    }

    /** @return list<ClosureProblem> */
    public function problems(Chain $chain, ClosureCase $case): array
    {
        return array_values([
            ...$this->complaints($chain, $case),
            ...$this->findings($case),
            ...$this->links($chain),
            ...$this->loops($chain),
            ...$this->origins($chain),
            ...$this->comeback($case),
            ...$this->missing($case),
            ...$this->unseen($case),
        ]);
    }

    /** @return iterable<int, ClosureProblem> */
    private function complaints(Chain $chain, ClosureCase $case): iterable
    {
        foreach ($case->complaints as $id => $name) {
            $node = $case->complaintNode[$id] ?? null;
            if (null === $node || !isset($chain->nodes[$node])) {
                yield new ClosureProblem(
                    ClosureRule::ComplaintUnexplained,
                    \sprintf('The complaint "%s" is not in the chain: add it and link it to what brought it about.', $name),
                );
            } elseif (!$this->comesFromAnOrigin($chain, $node)) {
                yield new ClosureProblem(
                    ClosureRule::ComplaintUnexplained,
                    \sprintf('No path leads from an origin to the complaint "%s".', $name),
                    node: $node,
                );
            }
        }
    }

    private function comesFromAnOrigin(Chain $chain, string $node): bool
    {
        foreach ($chain->ofKind(NodeKind::Origin) as $origin) {
            if ($chain->reaches($origin->id, $node)) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<int, ClosureProblem> */
    private function findings(ClosureCase $case): iterable
    {
        foreach ($case->findings as $finding) {
            if (!\in_array($finding->id, $case->inChain, true)) {
                yield new ClosureProblem(
                    ClosureRule::FindingLeftOut,
                    \sprintf('%s is not in the chain, nor marked as normal running, an old scar or made by us.', $finding->name),
                    part: $finding->part,
                );
            }
        }
    }

    /** @return iterable<int, ClosureProblem> */
    private function links(Chain $chain): iterable
    {
        foreach ($chain->links as $link) {
            $from = $chain->nodes[$link->from] ?? null;
            $to = $chain->nodes[$link->to] ?? null;
            if (null === $from || null === $to) {
                continue;
            }
            if (null !== $from->place && null !== $to->place && !$this->joined($link, $from->place, $to->place)) {
                yield new ClosureProblem(ClosureRule::NoCarrier, \sprintf(
                    '%s → %s: %s between %s and %s. %s',
                    $from->name,
                    $to->name,
                    null === $link->carrier ? 'the two are not at one place, and no way is named' : 'nothing goes '.$link->carrier->label(),
                    $this->book->placeName($from->place),
                    $this->book->placeName($to->place),
                    $this->ways($from->place, $to->place),
                ), link: $link->id);
            }
            if (null !== $from->order && null !== $to->order && $from->order > $to->order) {
                yield new ClosureProblem(
                    ClosureRule::EffectBeforeCause,
                    \sprintf(
                        '%s (%d) is set earlier than its cause %s (%d): an effect cannot be older than its cause.',
                        $to->name,
                        $to->order,
                        $from->name,
                        $from->order,
                    ),
                    link: $link->id,
                );
            }
        }
    }

    private function joined(Link $link, string $from, string $to): bool
    {
        return null === $link->carrier ? explode('/', $from)[0] === explode('/', $to)[0] : $this->map->joins($link->carrier, $from, $to);
    }

    private function ways(string $from, string $to): string
    {
        $kinds = array_map(
            static fn (\Japhrex\Core\Family\CarrierKind $kind): string => $kind->label(),
            $this->map->kindsBetween($from, $to),
        );

        return [] === $kinds
            ? 'No carrier of the book joins them: a step between is missing.'
            : 'The book joins them '.implode(' or ', $kinds).'.';
    }

    /** @return iterable<int, ClosureProblem> */
    private function loops(Chain $chain): iterable
    {
        $named = [];
        foreach ($chain->nodes as $node) {
            if (!isset($named[$node->id]) && $chain->reaches($node->id, $node->id)) {
                $ring = array_filter(
                    $chain->nodes,
                    static fn (Node $other): bool => $other->id === $node->id
                        || ($chain->reaches($node->id, $other->id) && $chain->reaches($other->id, $node->id)),
                );
                foreach ($ring as $member) {
                    $named[$member->id] = true;
                }
                yield new ClosureProblem(
                    ClosureRule::Loop,
                    \sprintf(
                        'A loop: %s cause each other. Cut it where it began.',
                        implode(', ', array_map(static fn (Node $n): string => $n->name, array_values($ring))),
                    ),
                    node: $node->id,
                );
            }
        }
    }

    /** @return iterable<int, ClosureProblem> */
    private function origins(Chain $chain): iterable
    {
        foreach ($chain->ofKind(NodeKind::Origin) as $origin) {
            if (0 === $origin->evidence) {
                yield new ClosureProblem(
                    ClosureRule::OriginWithoutEvidence,
                    \sprintf(
                        'The origin "%s" rests on no evidence: name the finding, reading, photo or statement that speaks for it.',
                        $origin->name,
                    ),
                    node: $origin->id,
                );
            }
        }
    }

    /** @return iterable<int, ClosureProblem> */
    private function comeback(ClosureCase $case): iterable
    {
        if (null !== $case->earlierOrigin && !$case->earlierDealt) {
            yield new ClosureProblem(
                ClosureRule::EarlierOriginOpen,
                \sprintf('Last time the origin was "%s". Say what was done about it, and whether it is back.', $case->earlierOrigin),
            );
        }
    }

    /** @return iterable<int, ClosureProblem> */
    private function missing(ClosureCase $case): iterable
    {
        foreach ($case->shortages as $shortage) {
            yield new ClosureProblem(
                ClosureRule::SmallPartMissing,
                $shortage->sentence().' What is not there went somewhere: search for it, or keep it as a finding.',
                step: $shortage->step->key,
            );
        }
    }

    /** @return iterable<int, ClosureProblem> */
    private function unseen(ClosureCase $case): iterable
    {
        foreach ($case->shut as $step => $name) {
            yield new ClosureProblem(
                ClosureRule::LeftShut,
                \sprintf('Not opened yet: %s. What is concluded meanwhile is provisional.', $name),
                step: $step,
            );
        }
        if ([] !== $case->notLookedAt) {
            $named = \array_slice($case->notLookedAt, 0, 4);
            $more = \count($case->notLookedAt) - \count($named);
            yield new ClosureProblem(
                ClosureRule::NotLookedAt,
                \sprintf(
                    'Not looked at yet: %s%s. Until then the diagnosis is provisional.',
                    implode(', ', $named),
                    $more > 0 ? \sprintf(' and %d more', $more) : '',
                ),
            );
        }
    }
}
