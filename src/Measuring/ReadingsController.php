<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Stage;
use App\Platform\Seen;
use App\Platform\ShopError;
use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Field;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** The readings sheet: every field of a unit in strip order, for a quick run with a gauge. */
final class ReadingsController extends AbstractController
{
    /** Units that numbers without one may be given in. */
    private const UNITS = ['mm', 'in', 'thou'];

    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CaseMeasures $measures,
        private readonly GaugeRack $rack,
        private readonly ZeroChecks $zeros,
    ) {
    }

    #[Route('/cases/{number}/readings', name: 'readings', methods: ['GET'])]
    public function show(string $number, Request $request): Response
    {
        return $this->page($this->gate->find($number), $request);
    }

    #[Route('/cases/{number}/readings/{part}/{field}', name: 'reading_save', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function save(string $number, string $part, string $field, Request $request, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $known = $this->shelf->book($case->family)->part($part)->fields[$field] ?? throw new ShopError('The book has no such reading.', 404);
        $gauge = Uuid::isValid((string) $request->request->get('gauge')) ? $this->em->find(Gauge::class, Uuid::fromString((string) $request->request->get('gauge'))) : null;
        $entry = ReadingEntry::of($known, self::texts($request), trim((string) $request->request->get('zero')), $gauge, trim((string) $request->request->get('note')), $this->unit($request));
        $reading = $this->em->getRepository(Reading::class)->findOneBy(['case' => $case, 'part' => $part, 'field' => $field]);
        $conflict = Seen::conflict((string) $request->request->get('seen', ''), implode('; ', $reading->typed ?? []), implode('; ', $entry->typed), $reading->byWhom ?? 'somebody');
        if ([] !== $entry->errors || null !== $conflict) {
            return $this->page($case, $request, $part.'/'.$field, $entry, $conflict);
        }
        $this->store($case, $part, $known, $entry, $reading, $person->get()->name);
        if ($request->headers->has('HX-Request') && !$request->headers->has('HX-Boosted')) {
            return $this->page($case, $request, $part.'/'.$field);
        }

        return $this->redirectToRoute('readings', ['number' => $case->number, '_fragment' => $part.'-'.$field], Response::HTTP_SEE_OTHER);
    }

    /** An analyst says which of several sources of a limit counts; without one the tighter does. */
    #[Route('/cases/{number}/limits/{part}/{field}', name: 'limit_choose', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function chooseLimit(string $number, string $part, string $field, Request $request, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $known = $this->shelf->book($case->family)->part($part)->fields[$field] ?? throw new ShopError('The book has no such reading.', 404);
        $chosen = (string) $request->request->get('chosen', '');
        $reason = mb_substr(trim((string) $request->request->get('reason', '')), 0, 300);
        $choice = $this->em->getRepository(LimitChoice::class)->findOneBy(['case' => $case, 'part' => $part, 'field' => $field]);
        if ('' === $chosen) {
            if (null !== $choice) {
                $this->em->remove($choice);
            }
        } else {
            if (!\in_array($chosen, array_map(static fn (object $set): string => $set->key, $this->measures->of($case)[$part][$known->key]->sets), true)) {
                throw new ShopError('The book has no such source for this limit.', 404);
            }
            if ('' === $reason) {
                throw new ShopError('Why does this source count? One line that still makes sense in a year.', 422);
            }
            $choice ??= new LimitChoice($case, $part, $field);
            [$choice->chosen, $choice->reason, $choice->byWhom] = [$chosen, $reason, $person->get()->name];
            $this->em->persist($choice);
        }
        $this->em->flush();

        return $this->redirectToRoute('readings', ['number' => $case->number, '_fragment' => $part.'-'.$field], Response::HTTP_SEE_OTHER);
    }

    /** What this bench is and in which unit bare numbers are meant: kept by the browser at the bench. */
    #[Route('/bench', name: 'bench_set', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function bench(Request $request): Response
    {
        $response = WayBack::of($request);
        foreach (['bench' => mb_substr((string) $request->request->get('bench', ''), 0, 40), 'unit' => (string) $request->request->get('unit', '')] as $name => $value) {
            $response->headers->setCookie(Cookie::create('japhrex_'.$name, $value, '+1 year', httpOnly: true, sameSite: Cookie::SAMESITE_LAX));
        }

        return $response;
    }

    /** @return non-empty-list<string> */
    private static function texts(Request $request): array
    {
        $texts = array_map(static fn (mixed $text): string => \is_string($text) ? $text : '', array_values($request->request->all('at')));

        return [] === $texts ? [(string) $request->request->get('readings', '')] : $texts;
    }

    private function unit(Request $request): string
    {
        $unit = (string) $request->cookies->get('japhrex_unit', '');

        return \in_array($unit, self::UNITS, true) ? $unit : '';
    }

    private function store(CaseFile $case, string $part, Field $field, ReadingEntry $entry, ?Reading $reading, string $who): void
    {
        if ([] === $entry->typed) {
            if (null !== $reading) {
                $this->em->remove($reading);
                $this->em->flush();
            }

            return;
        }
        $zero = '' !== $entry->zero && $entry->zero !== ($reading->zero ?? '') ? $entry->zero : null;
        // A note added later does not make it a new reading: gauge, zero, time and hand stay those of the reading.
        if (null === $reading || $reading->typed !== $entry->typed || $reading->gauge !== $entry->gauge || null !== $zero) {
            $reading ??= new Reading($case, $part, $field->key);
            $reading->typed = $entry->typed;
            $reading->places = $entry->places;
            $reading->takenWith($entry->gauge);
            $reading->zero = $zero ?? (null === $entry->gauge ? $entry->zero : $this->zeros->holding()[(string) $entry->gauge->id]->typed ?? '');
            $reading->byWhom = $who;
            $reading->at = new \DateTimeImmutable();
            if (null !== $entry->gauge && null !== $zero) {
                $this->em->persist(new ZeroCheck($entry->gauge, $zero, $who));
            }
        }
        $reading->note = $entry->note;
        $this->em->persist($reading);
        $case->moveTo(Stage::Parts);
        $this->em->flush();
    }

    private function page(CaseFile $case, Request $request, string $at = '', ?ReadingEntry $entry = null, ?string $conflict = null): Response
    {
        $row = '' !== $at && $request->headers->has('HX-Request') && !$request->headers->has('HX-Boosted');

        return $this->render($row ? 'measuring/_saved.html.twig' : 'measuring/readings.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'measured' => $this->measures->of($case),
            'rack' => $this->rack,
            'zeros' => $this->zeros->holding(),
            'bench' => (string) $request->cookies->get('japhrex_bench', ''),
            'unit' => $this->unit($request),
            'units' => self::UNITS,
            'at' => $at,
            'entry' => $entry,
            'conflict' => $conflict,
        ], new Response(status: null === $entry ? 200 : 422));
    }
}
