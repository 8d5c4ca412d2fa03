<?php

declare(strict_types=1);

namespace App\Repair\Shelf;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Counting the shelf, from the case that needs it. */
final class ShelfController extends AbstractController
{
    #[Route('/cases/{number}/shelf/{key}', name: 'shelf_count', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function count(
        string $number,
        string $key,
        Request $request,
        CaseGate $gate,
        BookShelf $books,
        Shelf $shelf,
        CurrentPerson $person,
    ): Response {
        $case = $gate->find($number);
        $shelf->count($books->book($case->family, $case->is()), $key, $request->request->all('size'), $person->get());

        return $this->redirectToRoute('repair', ['number' => $case->number, '_fragment' => 'shelf'], Response::HTTP_SEE_OTHER);
    }
}
