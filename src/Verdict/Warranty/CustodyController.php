<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\Day;
use App\Verdict\Form\CustodyInput;
use Japhrex\Core\Verdict\Whereabouts;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Where the parts are that matter: kept, sent, back, scrapped. It goes on after a case is signed. */
final class CustodyController extends AbstractController
{
    #[Route('/cases/{number}/custody', name: 'custody', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(
        string $number,
        #[MapRequestPayload] CustodyInput $typed,
        CaseGate $gate,
        MovePart $move,
        CurrentPerson $person,
    ): Response {
        $this->denyAccessUnlessGranted(Permission::BENCH);
        $case = $gate->find($number);
        $move(
            $case,
            $typed->part,
            Whereabouts::tryFrom($typed->what),
            Day::of($typed->day),
            $typed->place,
            $person->get(),
            Day::orNone($typed->until),
        );

        return $this->redirectToRoute('warranty', ['number' => $case->number, '_fragment' => 'custody'], Response::HTTP_SEE_OTHER);
    }
}
