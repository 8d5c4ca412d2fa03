<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Books\BookShelf;
use App\Evidence\Repository\PhotoRepository;
use App\Figures\FigureDesk;
use App\Intake\CaseFile;
use App\Repair\RepairDesk;
use Japhrex\Core\Repair\Build\BuildKind;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** The build sheet, with the step in hand. */
final readonly class BuildPage
{
    public function __construct(
        private Environment $twig,
        private BookShelf $shelf,
        private BuildDesk $desk,
        private FigureDesk $figures,
        private RepairDesk $repair,
        private Adjusters $adjusters,
        private PhotoRepository $photos,
    ) {
    }

    /** @param array<string, mixed> $typed */
    public function show(CaseFile $case, array $typed = []): Response
    {
        $sheet = $this->desk->sheet($case);
        $next = BuildDesk::next($sheet);
        $plan = $this->repair->plan($case);
        $order = null;
        if (BuildKind::Torque === $next?->kind && null !== $next->fasteners && null !== ($card = $this->figures->card('bolt-sequence'))) {
            $order = $this->figures->ask($card, ['count' => (string) $next->fasteners]);
        }

        return new Response($this->twig->render('repair/build.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'sheet' => $sheet,
            'next' => $next,
            'order' => $order,
            'typed' => $typed,
            'adjusters' => $this->adjusters->of($case),
            'decided' => $plan->decided,
            'open' => array_values(array_intersect($next->parts ?? [], $this->repair->undecided($case, $plan))),
            'hanging' => array_filter(array_map(static fn (object $one): string => $one->hangsOn, $this->repair->records($case))),
            'fitted' => null === $next || [] === $next->parts ? [] : $this->photos->fittedParts($case, $next->parts, 3),
        ]), [] === $typed ? 200 : 422);
    }
}
