<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainDrawing;
use App\Chain\ChainNode;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Shortlist;
use Symfony\Bundle\SecurityBundle\Security;

/** What the engine makes of a case, beside the analyst's chain: candidates, links to take or to refuse, what to look at next. */
final readonly class CandidatesView
{
    /** So many looks are proposed. */
    private const LOOKS = 5;

    public function __construct(
        private CaseAnalysis $analysis,
        private BookShelf $shelf,
        private StoryTaker $taker,
        private CaseChain $chains,
        private ChainDrawing $drawing,
        private Refusals $refusals,
        private Leads $leads,
        private Opinion $opinion,
        private Closure $closure,
        private KeptFigureRepository $kept,
        private Security $may,
    ) {
    }

    /**
     * @param string $asked whose story is to be shown; empty: nobody asked
     * @param bool $byBook what it would be by the book alone
     *
     * @return array<string, mixed> what the part of the page shows
     */
    public function gather(CaseFile $case, string $asked, bool $byBook = false): array
    {
        $outcome = $this->analysis->outcomeOf($case, $byBook);
        $all = $outcome->candidates;
        $shown = $this->shown($case, $all, $asked);
        $book = $this->shelf->book($case->family, $case->is());
        $proposals = null === $shown || $case->isSigned() || !$this->may->isGranted(Permission::ANALYSE)
            ? []
            : $this->taker->open($case, $outcome->spots, $shown);

        return [
            'case' => $case,
            'book' => $book,
            'ground' => $outcome,
            'candidates' => $outcome->told,
            'undetermined' => Shortlist::isUndetermined($all),
            'conclusion' => $outcome->conclusion,
            'record' => $this->shelf->vocabulary()->recordOf($outcome->conclusion->first->said ?? 0.0),
            'single' => Shortlist::singleStory($all),
            'well' => $outcome->well,
            'beside' => $outcome->beside,
            'looks' => \array_slice($outcome->looks, 0, self::LOOKS),
            'shown' => $shown,
            'proposals' => $proposals,
            'drawing' => [] === $proposals ? null : $this->drawing->draw($case, $proposals, withPhotos: true),
            'modes' => $this->shelf->modes(),
            'mechanisms' => $this->shelf->mechanisms($case->family),
            'rates' => $this->analysis->rates($case),
            'byBook' => $byBook,
            'origins' => $this->shelf->vocabulary()->origins,
            'theories' => $this->analysis->theories($case, $byBook),
            'kept' => $this->kept->ofCase($case),
            'reach' => $this->analysis->reach($case),
            'cleaned' => $this->opinion->done($case),
            'refusals' => $this->refusals->ofCase($case),
            'excluded' => $this->refusals->origins($case),
            'leads' => $this->leads->ofCase($case),
            'problems' => $this->closure->problemsOf($case),
        ];
    }

    /**
     * Whose story the drawing proposes: the one that was asked for, else the one that the analyst's chain starts from, else the first.
     *
     * @param list<Candidate> $all
     */
    private function shown(CaseFile $case, array $all, string $asked): ?Candidate
    {
        $own = array_map(static fn (ChainNode $node): ?string => $node->spot, $this->chains->nodes($case));
        $excluded = $this->refusals->origins($case);
        foreach (
            [
                static fn (Candidate $one): bool => $one->origin->id() === $asked,
                static fn (Candidate $one): bool => \in_array($one->origin->id(), $own, true),
            ] as $is
        ) {
            foreach ($all as $one) {
                if ($is($one)) {
                    return $one;
                }
            }
        }
        $open = array_values(
            array_filter($all, static fn (Candidate $one): bool => !isset($excluded[$one->origin->id()]) && [] !== $one->explains)
        );

        return Shortlist::isUndetermined($all) ? null : $open[0] ?? null;
    }
}
