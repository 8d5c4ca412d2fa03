<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Stage;
use App\Platform\BookShelf;
use App\Platform\Seen;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Field;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

final class ReadingsController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $em, private readonly CaseGate $gate, private readonly BookShelf $shelf, private readonly Assessor $assessor)
    {
    }

    #[Route('/cases/{number}/readings', name: 'readings', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page($this->gate->find($number));
    }

    #[Route('/cases/{number}/readings/{part}/{field}', name: 'reading_save', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function save(string $number, string $part, string $field, Request $request, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $known = $this->shelf->book($case->family)->part($part)->fields[$field] ?? throw new ShopError('The book has no such reading.', 404);
        $gauge = Uuid::isValid((string) $request->request->get('gauge')) ? $this->em->find(Gauge::class, Uuid::fromString((string) $request->request->get('gauge'))) : null;
        $entry = ReadingEntry::of($known, (string) $request->request->get('readings'), trim((string) $request->request->get('zero')), $gauge, trim((string) $request->request->get('note')), $this->assessor);
        $reading = $this->em->getRepository(Reading::class)->findOneBy(['case' => $case, 'part' => $part, 'field' => $field]);
        $conflict = Seen::conflict((string) $request->request->get('seen', ''), implode('; ', $reading->typed ?? []), implode('; ', $entry->typed), $reading->byWhom ?? 'somebody');
        if ([] !== $entry->errors || null !== $conflict) {
            return $this->page($case, $part.'/'.$field, $entry, $conflict);
        }
        $this->store($case, $part, $known, $entry, $reading, $person->get()->name);
        $next = (string) $request->request->get('next', '');

        return $this->redirectToRoute('readings', ['number' => $case->number, '_fragment' => '' === $next ? $part.'-'.$field : $next], Response::HTTP_SEE_OTHER);
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
        $reading ??= new Reading($case, $part, $field->key);
        $reading->typed = $entry->typed;
        $reading->takenWith($entry->gauge);
        $reading->zero = $entry->zero;
        $reading->note = $entry->note;
        $reading->byWhom = $who;
        $reading->at = new \DateTimeImmutable();
        $this->em->persist($reading);
        $case->moveTo(Stage::Parts);
        $this->em->flush();
    }

    private function page(CaseFile $case, string $at = '', ?ReadingEntry $entry = null, ?string $conflict = null): Response
    {
        return $this->render('measuring/readings.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'gauges' => $this->em->getRepository(Gauge::class)->findBy([], ['name' => 'ASC']),
            'at' => $at,
            'entry' => $entry,
            'conflict' => $conflict,
        ], new Response(status: null === $entry ? 200 : 422));
    }
}
