<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Measuring\Form\BenchInput;
use App\Measuring\Form\ReadingInput;
use App\Measuring\Repository\GaugeRepository;
use App\Measuring\Repository\ReadingRepository;
use App\Platform\Seen;
use App\Platform\ShopError;
use App\Platform\WayBack;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The readings sheet: every field of a unit in strip order, for a quick run with a gauge. */
final class ReadingsController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ReadingRepository $readings,
        private readonly GaugeRepository $gauges,
        private readonly TakeReading $take,
        private readonly ReadingsPage $page,
    ) {
    }

    #[Route('/cases/{number}/readings', name: 'readings', methods: ['GET'])]
    public function show(string $number, Request $request): Response
    {
        return $this->page->show($this->gate->find($number), $request);
    }

    #[Route('/cases/{number}/readings/{part}/{field}', name: 'reading_save', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function save(
        string $number,
        string $part,
        string $field,
        Request $request,
        #[MapRequestPayload] ReadingInput $typed,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->open($number, Permission::BENCH);
        $known = $this->shelf->book($case->family, $case->is())->part($part)->fields[$field]
            ?? throw new ShopError('The book has no such reading.', 404);
        $gauge = $this->gauges->withId($typed->gauge);
        $entry = ReadingEntry::of(
            $known,
            $typed->texts(),
            $typed->zero,
            $gauge,
            $typed->note,
            ReadingEntry::unit($request->cookies->getString('japhrex_unit')),
            $person->units(),
        );
        $reading = $this->readings->ofField($case, $part, $field);
        $conflict = Seen::conflict(
            $typed->seen,
            implode('; ', $reading->typed ?? []),
            implode('; ', $entry->typed),
            $reading->byWhom ?? 'somebody',
        );
        if ([] !== $entry->errors || null !== $conflict) {
            return $this->page->show($case, $request, $part.'/'.$field, $entry, $conflict);
        }
        $this->take->asTyped($case, $part, $known, $entry, $person->get());
        if ($request->headers->has('HX-Request') && !$request->headers->has('HX-Boosted')) {
            return $this->page->show($case, $request, $part.'/'.$field);
        }

        return $this->redirectToRoute('readings', ['number' => $case->number, '_fragment' => $part.'-'.$field], Response::HTTP_SEE_OTHER);
    }

    /** What this bench is and in which unit bare numbers are meant: kept by the browser at the bench. */
    #[Route('/bench', name: 'bench_set', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function bench(Request $request, #[MapRequestPayload] BenchInput $typed): Response
    {
        $response = WayBack::of($request);
        foreach (['bench' => $typed->bench, 'unit' => $typed->unit] as $name => $value) {
            $response->headers->setCookie(
                Cookie::create('japhrex_'.$name, $value, '+1 year', httpOnly: true, sameSite: Cookie::SAMESITE_LAX)
            );
        }

        return $response;
    }
}
