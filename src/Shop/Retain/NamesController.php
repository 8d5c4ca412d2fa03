<?php

declare(strict_types=1);

namespace App\Shop\Retain;

use App\Account\CurrentPerson;
use App\Account\OurShop;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Intake\Repository\CaseFileRepository;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Cases whose years are over, and the names of people in them. */
#[IsGranted(Permission::LET_IN)]
final class NamesController extends AbstractController
{
    private const ROWS = 25;

    #[Route('/names', name: 'names', methods: ['GET'])]
    public function due(CaseFileRepository $cases, OurShop $shop): Response
    {
        $years = $shop->settings()->keepYears;

        return $this->render('shop/names.html.twig', [
            'years' => $years,
            'count' => $cases->countWithNames($years),
            'cases' => $cases->withNames($years, self::ROWS),
        ]);
    }

    #[Route('/names/{number}', name: 'names_out', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function takeOut(string $number, Request $request, CaseGate $gate, TakePeopleOut $takeOut, CurrentPerson $person): Response
    {
        $case = $gate->find($number);
        if (trim($request->request->getString('typed')) !== $case->number) {
            throw new ShopError(
                \sprintf('It cannot be taken back: type the number of the case, %s, to say that you mean it.', $case->number),
                422,
            );
        }
        $takeOut($case, $person->get());
        $this->addFlash('kept', \sprintf('The names are out of %s. What was found and signed stays, with its digests.', $number));

        return $this->redirectToRoute('names', status: Response::HTTP_SEE_OTHER);
    }
}
