<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Platform\WayBack;
use App\Repair\Form\DecisionInput;
use Japhrex\Core\Damage\Disposition;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What becomes of a part, decided for the repair. It goes on after the case is signed. */
final class DecisionsController extends AbstractController
{
    #[Route('/cases/{number}/decisions/{part}', name: 'part_decide', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function decide(
        string $number,
        string $part,
        #[MapRequestPayload] DecisionInput $typed,
        Request $request,
        CaseGate $gate,
        Decisions $decisions,
    ): Response {
        $case = $gate->find($number);
        $disposition = Disposition::tryFrom($typed->disposition) ?? throw new ShopError('What becomes of it? Choose one.', 422);
        $decisions->decide($case, $part, $disposition, $typed->reason, $typed->despite, $typed->hangsOn);

        return WayBack::of($request, $this->generateUrl('repair', ['number' => $case->number, '_fragment' => 'parts']));
    }
}
