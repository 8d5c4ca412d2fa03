<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\BookShelf;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Measuring\CaseMeasures;
use App\Measuring\Measured;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Narrative;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Chain\PlainWords;
use Japhrex\Core\Measuring\LimitVerdict;

/** The analyst's chain as a story to be read: the origin, then what it did, step by step, each with its photo and number. */
final readonly class ChainStory
{
    public function __construct(private CaseChain $chains, private CaseMeasures $measures, private BookShelf $shelf)
    {
    }

    /**
     * @param list<Complaint>|null $about only what leads to these complaints; null: all of it
     *
     * @return list<StoryStep>
     */
    public function tell(CaseFile $case, ?array $about = null): array
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
        $measures = $this->measures->measuredIn($case);
        $steps = [];
        foreach (Narrative::of($this->chains->chain($case, $about)) as $step) {
            $node = $nodes[$step->node->id];
            $part = null === $node->finding ? null : explode('/', (string) $node->place)[0];
            $steps[] = new StoryStep(
                $node,
                $step,
                array_map(
                    static fn (Link $link): StoryCause => new StoryCause(
                        $nodes[$link->from]->name,
                        $mechanisms[$link->mechanism]->name ?? $link->mechanism,
                        $why[$link->id] ?? '',
                    ),
                    $step->because,
                ),
                null === $node->finding ? null : $this->chains->photoOf($node),
                // The number of a step: what was read beyond its limits on that part.
                array_values(
                    array_filter(
                        $measures[$part ?? ''] ?? [],
                        static fn (Measured $one): bool => LimitVerdict::Outside === $one->assessment()?->verdict,
                    )
                ),
            );
        }

        return $steps;
    }

    /**
     * The step that shows it best: the worst find that has a picture.
     *
     * @param list<StoryStep> $story
     */
    public static function shown(array $story): ?StoryStep
    {
        $seen = array_filter($story, static fn (StoryStep $step): bool => null !== $step->photo && ($step->grade() ?? 0) > 0);
        usort($seen, static fn (StoryStep $one, StoryStep $other): int => $other->grade() <=> $one->grade());

        return $seen[0] ?? null;
    }

    /**
     * Grades of what the story tells, for the drawing of the unit.
     *
     * @param list<StoryStep> $story
     *
     * @return array<string, int> by part, and by part/surface
     */
    public static function grades(array $story): array
    {
        $grades = [];
        foreach ($story as $step) {
            $grade = $step->grade();
            if (null !== $grade && null !== $step->node->place) {
                $grades[$step->node->place] = max($grades[$step->node->place] ?? 0, $grade);
            }
        }

        return $grades;
    }

    /**
     * @param list<Complaint>|null $about these complaints; null: all that stand in the chain
     * @param ChainNode|null $origin the one to start from, where it leads there; null: the nearest
     *
     * @return list<StoryPath> each complaint with the way from its origin; empty: none leads there
     */
    public function paths(CaseFile $case, ?array $about = null, ?ChainNode $origin = null): array
    {
        $chain = $this->chains->chain($case);
        $paths = [];
        foreach ($this->chains->nodes($case) as $node) {
            if (null !== $node->complaint && (null === $about || \in_array($node->complaint, $about, true))) {
                $path = Narrative::pathTo($chain, (string) $node->id, null === $origin ? null : (string) $origin->id);
                $paths[] = new StoryPath($node, array_map(static fn (Node $one): string => $one->name, $path));
            }
        }

        return $paths;
    }

    /**
     * The way to each of these complaints in clauses that a customer understands.
     *
     * @param list<Complaint> $about
     *
     * @return list<list<string>> the origin first, without the complaint itself; a complaint that no way leads to is left out
     */
    public function plainly(CaseFile $case, array $about, ?ChainNode $origin): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $words = new PlainWords($book, $this->shelf->modes(), $this->shelf->vocabulary());
        $chain = $this->chains->chain($case);
        $told = $nodes = [];
        foreach ($this->chains->nodes($case) as $node) {
            $nodes[(string) $node->id] = $node;
        }
        foreach ($about as $complaint) {
            $end = $this->chains->nodeOf($complaint);
            $path = null === $end
                ? []
                : \array_slice(Narrative::pathTo($chain, (string) $end->id, null === $origin ? null : (string) $origin->id), 0, -1);
            if ([] !== $path) {
                $told[] = array_map(static fn (Node $one): string => self::clause($words, $nodes[$one->id]), $path);
            }
        }

        return $told;
    }

    private static function clause(PlainWords $words, ChainNode $node): string
    {
        return (
            null === $node->finding?->mode ? null : $words->ofDamage($node->finding->mode, $node->finding->place())
        ) ?? $words->say($node->spot, $node->name);
    }
}
