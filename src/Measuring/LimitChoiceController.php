<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Measuring\Form\LimitChoiceInput;
use App\Measuring\Repository\LimitChoiceRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Where several sources give a limit. */
final class LimitChoiceController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CaseMeasures $measures,
        private readonly LimitChoiceRepository $limitChoices,
    ) {
    }

    /** An analyst says which of several sources of a limit counts; without one the tighter does. */
    #[Route('/cases/{number}/limits/{part}/{field}', name: 'limit_choose', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function chooseLimit(
        string $number,
        string $part,
        string $field,
        #[MapRequestPayload] LimitChoiceInput $typed,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $known = $this->shelf->book($case->family, $case->is())->part($part)->fields[$field]
            ?? throw new ShopError('The book has no such reading.', 404);
        [$chosen, $reason] = [$typed->chosen, $typed->reason];
        $choice = $this->limitChoices->ofField($case, $part, $field);
        if ('' === $chosen) {
            if (null !== $choice) {
                $this->entityManager->remove($choice);
            }
        } else {
            if (
                !\in_array(
                    $chosen,
                    array_map(static fn (object $set): string => $set->key, $this->measures->measuredIn($case)[$part][$known->key]->sets),
                    true,
                )
            ) {
                throw new ShopError('The book has no such source for this limit.', 404);
            }
            if ('' === $reason) {
                throw new ShopError('Why does this source count? One line that still makes sense in a year.', 422);
            }
            $choice ??= new LimitChoice($case, $part, $field);
            $choice->choose($chosen, $reason, $person->get());
            $this->entityManager->persist($choice);
        }
        $this->entityManager->flush();

        return $this->redirectToRoute('readings', ['number' => $case->number, '_fragment' => $part.'-'.$field], Response::HTTP_SEE_OTHER);
    }
}
