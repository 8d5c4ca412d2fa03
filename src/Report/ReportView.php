<?php

declare(strict_types=1);

namespace App\Report;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainDrawing;
use App\Chain\ChainNode;
use App\Chain\ChainStory;
use App\Chain\Engine\Closure;
use App\Chain\Engine\Opinion;
use App\Chain\StoryStep;
use App\Evidence\ContentRow;
use App\Evidence\Contents;
use App\Evidence\Pairs;
use App\Evidence\Repository\StackPieceRepository;
use App\Evidence\Watch\WatchList;
use App\Figures\Drawings;
use App\Figures\KeptFigure;
use App\Figures\Repository\KeptFigureRepository;
use App\Figures\WearCheck;
use App\Identity\IdentityText;
use App\Intake\CaseFile;
use App\Laboratory\LabText;
use App\Measuring\Repository\FeltSizeRepository;
use App\Parts\PartViews;
use App\Verdict\Repository\JointInspectionRepository;
use App\Verdict\Verdict;
use App\Verdict\Warranty\Custodies;
use App\Verdict\Warranty\Policies;
use Japhrex\Core\Chain\ClosureProblem;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Repair\Outside;

/** What the body of a report shows of a case, on the page and on paper. */
final readonly class ReportView
{
    public function __construct(
        private PartViews $parts,
        private CaseChain $chains,
        private ChainDrawing $drawing,
        private ChainStory $story,
        private Closure $closure,
        private Opinion $engine,
        private WatchList $watch,
        private KeptFigureRepository $figures,
        private WearCheck $wear,
        private Drawings $drawings,
        private Policies $policies,
        private Custodies $custodies,
        private Pairs $pairs,
        private IdentityText $identity,
        private Contents $contents,
        private StackPieceRepository $stacks,
        private JointInspectionRepository $inspections,
        private LabText $laboratory,
        private FeltSizeRepository $felt,
        private BookShelf $shelf,
    ) {
    }

    /** @return array{story: list<StoryStep>, ...<string, mixed>} */
    public function gather(CaseFile $case, Verdict $verdict): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $figures = $this->figures->ofCase($case);
        $story = $this->story->tell($case);
        // It speaks in the report only when the analyst kept it as evidence.
        $isAsked = [] !== array_filter($figures, static fn (KeptFigure $kept): bool => 'complaint-check' === $kept->figure);
        $checked = $isAsked ? $this->wear->check($case) : null;
        $checked = 0 === $checked?->known() || null === $checked?->judgement ? null : $checked;

        return [
            'parts' => $this->parts->partsOf($case),
            'open' => $this->open($case),
            'outside' => $this->outside($verdict, $book),
            'drawing' => $this->drawing->draw($case),
            'paths' => $this->story->paths($case),
            'story' => $story,
            'shown' => ChainStory::shown($story),
            'engine' => $this->engine->opinionOn($case),
            'weak' => $this->watch->answered($case),
            'pairs' => $this->pairs->of($case),
            'identity' => $this->identity->of($case),
            'contents' => array_filter($this->contents->rowsOf($case), static fn (ContentRow $one): bool => true === $one->check?->differs),
            'stacks' => $this->stacks->stacks($case),
            'figures' => $figures,
            'checked' => $checked,
            'plots' => null === $checked ? [] : $this->drawings->plot($checked->asked),
            'warranties' => $this->policies->each($case),
            'custody' => $this->custodies->byPart($case),
            'inspections' => $this->inspections->ofCase($case),
            'laboratory' => $this->laboratory->of($case),
            'felt' => $this->felt->ofCase($case),
        ];
    }

    /** @return list<string> what has to change outside the unit, for each kind of origin that is named */
    private function outside(Verdict $verdict, Book $book): array
    {
        $origins = array_filter(array_map(static fn (ChainNode $one): ?OriginKind => $one->origin, $verdict->origins()));

        return array_values(array_unique(array_filter(array_map(
            static fn (OriginKind $one): string => Outside::besides($one, $book),
            $origins,
        ))));
    }

    /** @return list<ClosureProblem> what is left open; of a signed case only what made its diagnosis provisional */
    private function open(CaseFile $case): array
    {
        return $case->isSigned()
            ? array_values(array_filter(
                $this->chains->problems($case),
                static fn (ClosureProblem $problem): bool => $problem->rule->isOnlyProvisional(),
            ))
            : $this->closure->problemsOf($case);
    }
}
