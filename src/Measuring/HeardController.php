<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Repository\ClipRepository;
use App\Intake\CaseGate;
use App\Measuring\Form\HeardInput;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A number out of a spoken note becomes a reading when somebody has confirmed it. */
final class HeardController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ClipRepository $clips,
        private readonly TakeReading $take,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/heard', name: 'reading_heard', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function keep(string $number, #[MapRequestPayload] HeardInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $clip = $this->clips->one($case, $typed->clip) ?? throw $this->createNotFoundException();
        $part = $this->shelf->book($case->family, $case->is())->part($clip->part ?? '');
        [$field, $place] = TakeReading::at($part, $typed->which);
        $entry = ReadingEntry::of($field, [$typed->typed], '', null, '', reads: $this->person->units());
        if ([] !== $entry->errors || [] === $entry->typed) {
            throw new ShopError($entry->errors['readings'] ?? 'Which number was it?', 422);
        }
        $this->take->oneMore($case, $part->key ?? '', $field, $place, $entry->typed, $this->person->get(), 'Said in '.$clip->label().'.');
        $this->addFlash('kept', \sprintf('%s is kept as a reading of %s.', implode('; ', $entry->typed), $field->name));

        return $this->redirectToRoute('clip', ['number' => $case->number, 'id' => $clip->id], Response::HTTP_SEE_OTHER);
    }
}
