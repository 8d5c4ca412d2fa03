<?php

declare(strict_types=1);

namespace App\Chain;

use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Measuring\Measured;
use App\Platform\BookShelf;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Narrative;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Measuring\Verdict;
use Twig\Attribute\AsTwigFunction;

/** The analyst's chain as a story to be read: the origin, then what it did, step by step, each with its photo and number. */
final readonly class ChainStory
{
    public function __construct(private CaseChain $chains, private CaseMeasures $measures, private BookShelf $shelf)
    {
    }

    /** @return list<array{node: ChainNode, because: list<array{from: string, how: string, why: string}>, photo: Photo|null, readings: list<Measured>}> */
    #[AsTwigFunction('chain_story')]
    public function of(CaseFile $case): array
    {
        $nodes = [];
        foreach ($this->chains->nodes($case) as $node) {
            $nodes[(string) $node->id] = $node;
        }
        $why = [];
        foreach ($this->chains->links($case) as $link) {
            $why[(string) $link->id] = $link->why;
        }
        $mechanisms = $this->shelf->mechanisms($case->family);
        $measures = $this->measures->of($case);
        $steps = [];
        foreach (Narrative::of($this->chains->chain($case)) as $step) {
            $node = $nodes[$step->node->id];
            $part = null === $node->finding ? null : explode('/', (string) $node->place)[0];
            $steps[] = [
                'node' => $node,
                'because' => array_map(static fn (Link $link): array => ['from' => $nodes[$link->from]->name, 'how' => $mechanisms[$link->mechanism]->name ?? $link->mechanism, 'why' => $why[$link->id] ?? ''], $step->because),
                'photo' => null === $node->finding ? null : $this->chains->photoOf($node),
                // The number of a step: what was read beyond its limits on that part.
                'readings' => array_values(array_filter($measures[$part ?? ''] ?? [], static fn (Measured $one): bool => Verdict::Outside === $one->assessment()?->verdict)),
            ];
        }

        return $steps;
    }

    /** @return list<array{complaint: ChainNode, path: list<string>}> each complaint with the way from its origin; empty: none leads there */
    #[AsTwigFunction('chain_paths')]
    public function paths(CaseFile $case): array
    {
        $chain = $this->chains->chain($case);
        $paths = [];
        foreach ($this->chains->nodes($case) as $node) {
            if (null !== $node->complaint) {
                $paths[] = ['complaint' => $node, 'path' => array_map(static fn (Node $one): string => $one->name, Narrative::pathTo($chain, (string) $node->id))];
            }
        }

        return $paths;
    }
}
