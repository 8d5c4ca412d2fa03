<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Proof\Form\ProofLimitInput;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** An analyst enters what the maker's manual asks of the proof; the shipped book stays as it is. */
final class ProofLimitsController extends AbstractController
{
    #[Route('/cases/{number}/proof-limit/{step}', name: 'proof_limit', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function keep(
        string $number,
        string $step,
        #[MapRequestPayload] ProofLimitInput $typed,
        CaseGate $gate,
        BookShelf $shelf,
        ProofLimits $limits,
        ProofPage $page,
        CurrentPerson $person,
    ): Response {
        $case = $gate->find($number);
        try {
            $limits->keep($shelf->book($case->family, $case->is()), $step, $typed, $person->get());
        } catch (ShopError $error) {
            if (422 !== $error->status) {
                throw $error;
            }

            return $page->show($case, ['key' => 'limit-book-'.$step, 'refused' => $error->getMessage(), 'own' => (array) $typed]);
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'book-'.$step], Response::HTTP_SEE_OTHER);
    }
}
