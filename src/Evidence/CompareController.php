<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\Repository\ReferenceRepository;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\PdfTool;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Pictures side by side or one over the other: of a part, its stages and its mates, and in other cases. And the card to print. */
final class CompareController extends AbstractController
{
    /** As many others are offered at once. */
    private const OFFERED = 60;

    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ReferenceRepository $references,
        private readonly PhotoRepository $photos,
        private readonly FindingRepository $findings,
        private readonly Pairs $pairs,
    ) {
    }

    #[Route('/cases/{number}/compare', name: 'photo_compare', methods: ['GET'])]
    public function compare(string $number, Request $request, CasePages $pages): Response
    {
        $case = $this->gate->find($number);
        $left = $this->photo((string) $request->query->get('left', ''));
        if (null === $left || $left->case !== $case) {
            throw $this->createNotFoundException();
        }
        $right = $this->photo((string) $request->query->get('right', ''));
        $mine = $this->photos->ofPart($case, $left->part);
        $others = null === $left->part ? [] : $this->photos->elsewhere($left, self::OFFERED);
        $kept = null === $left->part
            ? []
            : array_map(static fn (Reference $one): Photo => $one->photo, $this->references->ofPart($case->family, $left->part));
        $others = array_values(array_filter($others, static fn (Photo $photo): bool => !\in_array($photo, $kept, true)));
        $kept = array_values(array_filter($kept, static fn (Photo $photo): bool => $photo->case !== $case));
        $mine = array_values(array_filter($mine, static fn (Photo $photo): bool => $photo !== $left));
        $rest = array_values(array_filter(
            $this->photos->byStage($case),
            static fn (Photo $photo): bool => $photo->part !== $left->part && null !== $photo->part,
        ));
        $right = \in_array($right, [...$mine, ...$kept, ...$others, ...$rest], true)
            ? $right
            : $mine[0] ?? $kept[0] ?? $others[0] ?? $rest[0] ?? null;
        $how = (string) $request->query->get('how', '');
        $asked = [$request->query->get('third'), $request->query->get('fourth')];
        $chosen = 'four' === $how ? $this->four([...$mine, ...$kept, ...$others, ...$rest], $right, $asked) : array_filter([$right]);

        return $pages->show($case, 'evidence/compare.html.twig', [
            'left' => $left,
            'right' => $right,
            'chosen' => array_values($chosen),
            'mine' => $mine,
            'others' => $others,
            'rest' => $rest,
            'scales' => $this->pairs->scales([$left, ...array_values($chosen)]),
            'pairs' => $this->pairs->of($case),
            'kept' => $kept,
            'references' => $this->references->ofPhotos([$left, ...$mine, ...$kept, ...$others]),
            'modes' => $this->shelf->modes(),
            'grades' => $this->grades($others),
            'how' => $how,
        ]);
    }

    /**
     * Up to three others: those that were asked for, then what is next.
     *
     * @param list<Photo> $offered
     * @param list<mixed> $asked ids
     *
     * @return list<Photo>
     */
    private function four(array $offered, ?Photo $right, array $asked): array
    {
        $wanted = array_filter($offered, static fn (Photo $photo): bool => \in_array($photo->id->toRfc4122(), $asked, true));
        usort(
            $wanted,
            static fn (Photo $a, Photo $b): int => array_search(
                $a->id->toRfc4122(),
                $asked,
                true,
            ) <=> array_search($b->id->toRfc4122(), $asked, true),
        );
        $others = array_filter([$right, ...$wanted, ...$offered]);

        return \array_slice(
            array_values(
                array_filter(
                    $others,
                    static fn (Photo $photo, int $i): bool => array_search($photo, $others, true) === $i,
                    \ARRAY_FILTER_USE_BOTH,
                )
            ),
            0,
            3,
        );
    }

    /** Our scale card, four on a sheet, with a line to check the printer by. */
    #[Route('/scale-card.pdf', name: 'scale_card', methods: ['GET'])]
    public function card(PdfTool $pdf): Response
    {
        $folder = sys_get_temp_dir().'/japhrex-card-'.bin2hex(random_bytes(6));
        $files = new Filesystem();
        $files->mkdir($folder);
        try {
            $pdf->make($this->renderView('evidence/scale_card.html.twig'), $folder, $folder.'/card.pdf');

            return new Response(
                (string) file_get_contents($folder.'/card.pdf'),
                headers: [
                    'Content-Type' => 'application/pdf',
                    'Content-Disposition' => HeaderUtils::makeDisposition('inline', 'scale-card.pdf'),
                ],
            );
        } finally {
            $files->remove($folder);
        }
    }

    /**
     * The worst grade of the part in each of the other cases; none: nobody looked.
     *
     * @param list<Photo> $photos
     *
     * @return array<string, int|null> case number => grade
     */
    private function grades(array $photos): array
    {
        $grades = [];
        foreach ($photos as $photo) {
            $number = $photo->case->number;
            if (!\array_key_exists($number, $grades)) {
                $found = $this->findings->ofPart($photo->case, $photo->part);
                $grades[$number] = [] === $found
                    ? null
                    : max(array_map(static fn (Finding $finding): int => $finding->rampGrade(), $found));
            }
        }

        return $grades;
    }

    private function photo(string $id): ?Photo
    {
        return $this->photos->withId($id);
    }
}
