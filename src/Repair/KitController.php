<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Repair\Form\KitInput;
use Japhrex\Core\Repair\KitError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What was used of a kit, and what was left over. */
final class KitController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
        private readonly RepairPage $page,
    ) {
    }

    #[Route('/cases/{number}/kit', name: 'kit_tick', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function tick(string $number, #[MapRequestPayload] KitInput $typed, TickKit $tick): Response
    {
        $case = $this->gate->find($number);
        [$part, $state, $why] = [$typed->part, $typed->state, $typed->why];
        if (null === $this->shelf->book($case->family, $case->is())->part($part)) {
            throw new ShopError('There is no such part in the book of this family.', 404);
        }
        try {
            $tick($case, $part, $state, $why, $this->person->get());
        } catch (KitError $e) {
            return $this->page->show($case, ['part' => $part, 'refused' => $e->getMessage()]);
        }

        return $this->to($case, 'kit');
    }

    private function to(CaseFile $case, string $at): Response
    {
        return $this->redirectToRoute('repair', ['number' => $case->number, '_fragment' => $at], Response::HTTP_SEE_OTHER);
    }
}
