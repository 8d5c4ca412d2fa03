<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Books\BookShelf;
use App\Evidence\Repository\PhotoRepository;
use App\Figures\Drawings;
use App\Figures\FigureDesk;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Intake\Meant;
use App\Intake\OnPurpose;
use App\Repair\RepairDesk;
use App\Repair\Shelf\Shelf;
use App\Repair\ToDecide;
use Japhrex\Core\Drawing\FastenerFace;
use Japhrex\Core\Repair\Build\Bind;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildStep;
use Symfony\Component\HttpFoundation\Response;

/** The build sheet, with the step in hand. */
final readonly class BuildPage
{
    public function __construct(
        private CasePages $pages,
        private BuildDesk $desk,
        private FigureDesk $figures,
        private Drawings $drawings,
        private RepairDesk $repair,
        private Adjusters $adjusters,
        private PhotoRepository $photos,
        private ToDecide $toDecide,
        private OnPurpose $onPurpose,
        private FastenerMap $fasteners,
        private BookShelf $books,
        private Shelf $shelf,
    ) {
    }

    /** @param array<string, mixed> $typed */
    public function show(CaseFile $case, array $typed = []): Response
    {
        $sheet = $this->desk->sheet($case);
        $next = BuildDesk::next($sheet);
        $plan = $this->repair->plan($case);
        $open = array_values(array_intersect($next->parts ?? [], $this->repair->undecided($case, $plan)));
        $order = [];
        $face = $this->face($case, $next);
        $isCounted = BuildKind::Torque === $next?->kind && null !== $next->fasteners;
        if (null === $face && $isCounted && null !== ($card = $this->figures->card('bolt-sequence'))) {
            $order = $this->drawings->plot($this->figures->ask($card, ['count' => (string) $next->fasteners]));
        }

        return $this->pages->show($case, 'repair/build.html.twig', [
            'sheet' => $sheet,
            'next' => $next,
            'standing' => self::standing($sheet, $next),
            'unsure' => \count(array_filter($sheet, static fn (BuildRow $row): bool => !$row->done && $row->step->isUnsure())),
            'order' => $order,
            'face' => $face,
            'typed' => $typed + $this->fromTheShelf($case, $next),
            'adjusters' => $this->adjusters->rows($case),
            'plan' => $plan,
            'decided' => $plan->decided,
            ...([] === $open ? [] : $this->toDecide->of($case)),
            'open' => $open,
            'meant' => $this->meant($case, $next),
            'bindAsked' => Bind::ASKED,
            'fasteners' => $this->fasteners->of($case, $sheet),
            'hanging' => array_filter(array_map(static fn (object $one): string => $one->hangsOn, $this->repair->records($case))),
            'fitted' => null === $next || [] === $next->parts ? [] : $this->photos->fittedParts($case, $next->parts, 3),
        ], [] === $typed ? 200 : 422);
    }

    /** The face in which the screws in hand are; null: the book does not draw their holes. */
    private function face(CaseFile $case, ?BuildStep $next): ?FastenerFace
    {
        $screws = $next?->screws;

        return null === $screws || '' === $screws->holes ? null : FastenerFace::of(
            $this->books->book($case->family, $case->is())->drawn->shapes[$screws->holes] ?? [],
            $screws->count(),
        );
    }

    /**
     * @param list<BuildRow> $sheet
     *
     * @return array<string, string> by part: in hand, or not in yet; not there: it is in
     */
    private static function standing(array $sheet, ?BuildStep $next): array
    {
        $standing = [];
        foreach ($sheet as $row) {
            if (!$row->done) {
                $standing += array_fill_keys($row->step->parts, $row->step->key === $next?->key ? 'next' : 'waits');
            }
        }

        return $standing;
    }

    /** @return list<Meant> what an earlier build of this unit put in otherwise, of the parts in hand */
    private function meant(CaseFile $case, ?BuildStep $next): array
    {
        $parts = $next->set->parts ?? $next->parts ?? [];

        return [] === $parts ? [] : array_values(array_filter(
            $this->onPurpose->before($case),
            static fn (Meant $one): bool => [] !== array_intersect($one->parts, $parts),
        ));
    }

    /** @return array<string, string> the sizes on the shelf, for a play that they set */
    private function fromTheShelf(CaseFile $case, ?BuildStep $next): array
    {
        $stock = BuildKind::Play === $next?->kind
            ? $this->shelf->forSetting($this->books->book($case->family, $case->is()), (string) preg_replace('/^set-/', '', $next->key))
            : '';

        return '' === $stock ? [] : ['stock' => $stock];
    }
}
