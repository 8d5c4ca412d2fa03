<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Japhrex\Core\Damage\Disposition;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What becomes of a part, decided for the repair. It goes on after the case is signed. */
final class DecisionsController extends AbstractController
{
    #[Route('/cases/{number}/decisions/{part}', name: 'part_decide', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function decide(string $number, string $part, Request $request, CaseGate $gate, Decisions $decisions): Response
    {
        $case = $gate->find($number);
        $text = static fn (string $name): string => trim((string) $request->request->get($name, ''));
        $disposition = Disposition::tryFrom($text('disposition')) ?? throw new ShopError('What becomes of it? Choose one.', 422);
        $decisions->decide($case, $part, $disposition, $text('reason'), $text('despite'), $text('hangsOn'));

        return $this->redirectToRoute('repair', ['number' => $case->number, '_fragment' => 'parts'], Response::HTTP_SEE_OTHER);
    }
}
