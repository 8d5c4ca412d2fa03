<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\BookShelf;
use App\Chain\Repository\ChainLinkRepository;
use App\Chain\Repository\ChainNodeRepository;
use App\Evidence\Finding;
use App\Evidence\Photo;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Kept\KeptOfCase;
use App\Teardown\StripBench;
use Japhrex\Core\Chain\Chain;
use Japhrex\Core\Chain\ClosureCase;
use Japhrex\Core\Chain\ClosureCheck;
use Japhrex\Core\Chain\ClosureProblem;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Chain\OpenFinding;
use Japhrex\Core\Teardown\StepStatus;

/** The chain of a case as the core sees it, and what it leaves open. */
final readonly class CaseChain
{
    public function __construct(
        private BookShelf $shelf,
        private EarlierOrigin $earlier,
        private StripBench $strip,
        private ChainNodeRepository $nodes,
        private ChainLinkRepository $links,
        private FindingRepository $findings,
        private PhotoRepository $photos,
        private PartRecordRepository $records,
        private KeptOfCase $kept,
    ) {
    }

    /**
     * @param list<Complaint>|null $about only what leads to these complaints; null: all of it
     *
     * @return list<ChainNode>
     */
    public function nodes(CaseFile $case, ?array $about = null): array
    {
        $nodes = $this->nodes->ofCase($case);
        $held = null === $about ? null : $this->chain($case, $about)->nodes;

        return null === $held
            ? $nodes
            : array_values(array_filter($nodes, static fn (ChainNode $node): bool => isset($held[(string) $node->id])));
    }

    /**
     * @param list<Complaint>|null $about only what leads to these complaints; null: all of it
     *
     * @return list<ChainLink>
     */
    public function links(CaseFile $case, ?array $about = null): array
    {
        $links = $this->links->ofCase($case);
        $held = null === $about ? null : $this->chain($case, $about)->nodes;

        return null === $held
            ? $links
            : array_values(
                array_filter(
                    $links,
                    static fn (ChainLink $link): bool => isset($held[(string) $link->from?->id], $held[(string) $link->to?->id]),
                )
            );
    }

    /** @param list<Complaint>|null $about only what leads to these complaints; null: all of it */
    public function chain(CaseFile $case, ?array $about = null): Chain
    {
        $all = $this->nodes($case);
        $nodes = array_map(static fn (ChainNode $node): Node => new Node(
            (string) $node->id,
            $node->kind,
            $node->name,
            $node->place,
            $node->order,
            (null === $node->finding ? 0 : 1) + (null === $node->complaint ? 0 : 1) + ('' === trim($node->evidence) ? 0 : 1),
        ), $all);
        $links = array_map(
            static fn (ChainLink $link): Link => new Link(
                (string) $link->id,
                (string) $link->from?->id,
                (string) $link->to?->id,
                $link->mechanism,
                $link->carrier,
            ),
            $this->links($case),
        );
        $chain = new Chain($nodes, $links);

        return null === $about ? $chain : $chain->towards(
            array_values(
                array_map(
                    static fn (ChainNode $node): string => (string) $node->id,
                    array_filter($all, static fn (ChainNode $node): bool => \in_array($node->complaint, $about, true)),
                )
            )
        );
    }

    /** The condition of the chain that stands for a complaint; null: it is not in the chain. */
    public function nodeOf(Complaint $complaint): ?ChainNode
    {
        foreach ($this->nodes->ofCase($complaint->case) as $node) {
            if ($node->complaint === $complaint) {
                return $node;
            }
        }

        return null;
    }

    /** What was signed of the case that this one came back from; null: it did not, or nothing was. */
    public function originBefore(CaseFile $case): ?string
    {
        $before = $case->comebackOf;

        return null === $before ? null : $this->kept->of($case, 'origin before', fn (): ?string => $this->earlier->originOf($before));
    }

    /** @return list<ClosureProblem> */
    public function problems(CaseFile $case): array
    {
        return $this->kept->of($case, 'chain problems', fn (): array => $this->open($case));
    }

    /** @return list<ClosureProblem> */
    private function open(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $complaints = [];
        // What could not be repeated, or is normal, has no path to be found.
        foreach ($case->complaints->filter(static fn (Complaint $one): bool => null === $one->ends) as $complaint) {
            $complaints[(string) $complaint->id] = $this->complaintName($case, $complaint);
        }
        $complaintNode = [];
        $inChain = [];
        foreach ($this->nodes($case) as $node) {
            if (null !== $node->complaint) {
                $complaintNode[(string) $node->complaint->id] = (string) $node->id;
            }
            if (null !== $node->finding) {
                $inChain[] = (string) $node->finding->id;
            }
        }
        $findings = [];
        $looked = [];
        foreach ($this->findings->ofCase($case) as $finding) {
            if ($finding->kind->isLook()) {
                $looked[$finding->part] = true;
            }
            if ($finding->needsACause()) {
                $findings[] = new OpenFinding(
                    (string) $finding->id,
                    \sprintf(
                        '%s (grade %d) on %s',
                        $this->shelf->modes()->get($finding->mode)->name ?? 'Damage',
                        $finding->grade,
                        $book->placeName($finding->place()),
                    ),
                    $finding->part,
                );
            }
        }
        foreach ($this->records->ofCase($case) as $record) {
            if ([] !== $record->senses()) {
                $looked[$record->part] = true;
            }
        }
        $unseen = [];
        foreach ($book->partsInStripOrder() as $part) {
            if (!isset($looked[$part->key])) {
                $unseen[] = $part->short;
            }
        }
        $run = $this->strip->run($case, $book);
        $earlier = $this->originBefore($case);

        return (new ClosureCheck($book))->problems($this->chain($case), new ClosureCase(
            $complaints, $complaintNode, $findings, $inChain, $unseen, $earlier, '' !== trim($case->earlierOriginDealt),
            array_column(array_map(static fn (StepStatus $shut): array => [$shut->step->key, $shut->step->opens], $run->shut()), 1, 0),
            $run->shortages,
        ));
    }

    public function findingName(Finding $finding): string
    {
        $place = $this->shelf->book($finding->case->family, $finding->case->is())->placeName($finding->place());

        return ($this->shelf->modes()->get($finding->mode)->name ?? 'Damage').', '.lcfirst($place);
    }

    public function complaintName(CaseFile $case, Complaint $complaint): string
    {
        return $this->shelf->book($case->family, $case->is())->complaints[$complaint->what]->name ?? $complaint->what;
    }

    /** The picture that shows a node best: one of its part, cleaned before as found. */
    public function photoOf(ChainNode $node): ?Photo
    {
        $part = null === $node->place ? null : explode('/', $node->place)[0];

        return null === $part ? null : $this->photos->best($node->case, $part);
    }
}
