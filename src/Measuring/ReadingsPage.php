<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Evidence\CarriedDecisions;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Measuring\Repository\ZeroCheckRepository;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\UuidV7;

/** The readings sheet, or one row of it. */
final readonly class ReadingsPage
{
    public function __construct(
        private CasePages $pages,
        private CaseMeasures $measures,
        private GaugeRack $rack,
        private ZeroCheckRepository $zeros,
        private CarriedDecisions $carried,
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

        return $this->pages->show($case, $row ? 'measuring/_saved.html.twig' : 'measuring/readings.html.twig', [
            'measured' => $this->measures->measuredIn($case),
            'carried' => $this->carried->carriedInto($case),
            'rack' => $this->rack,
            'zeros' => $this->zeros->holding(),
            'bench' => (string) $request->cookies->get('japhrex_bench', ''),
            'drawn' => UuidV7::generate(now()),
            'unit' => ReadingEntry::unit($request->cookies->getString('japhrex_unit')),
            'units' => ReadingEntry::UNITS,
            'at' => $at,
            'entry' => $entry,
            'conflict' => $conflict,
        ], null === $entry ? 200 : 422);
    }
}
