<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Measuring\Repository\ZeroCheckRepository;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** The readings sheet, or one row of it. */
final readonly class ReadingsPage
{
    public function __construct(
        private Environment $twig,
        private BookShelf $shelf,
        private CaseMeasures $measures,
        private GaugeRack $rack,
        private ZeroCheckRepository $zeros,
    ) {
    }

    public function show(
        CaseFile $case,
        Request $request,
        string $at = '',
        ?ReadingEntry $entry = null,
        ?string $conflict = null,
    ): Response {
        $row = '' !== $at && $request->headers->has('HX-Request') && !$request->headers->has('HX-Boosted');

        return new Response($this->twig->render($row ? 'measuring/_saved.html.twig' : 'measuring/readings.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'measured' => $this->measures->of($case),
            'rack' => $this->rack,
            'zeros' => $this->zeros->holding(),
            'bench' => (string) $request->cookies->get('japhrex_bench', ''),
            'unit' => ReadingEntry::unit($request->cookies->getString('japhrex_unit')),
            'units' => ReadingEntry::UNITS,
            'at' => $at,
            'entry' => $entry,
            'conflict' => $conflict,
        ]), null === $entry ? 200 : 422);
    }
}
