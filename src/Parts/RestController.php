<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The rest is clean. */
final class RestController extends AbstractController
{
    #[Route('/cases/{number}/rest', name: 'rest_clean', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function clean(string $number, Request $request, CaseGate $gate, ClearTheRest $clear, CurrentPerson $person): Response
    {
        $case = $gate->open($number, Permission::BENCH);
        $parts = array_values(array_filter($request->request->all('parts'), \is_string(...)));
        $clear($case, $parts, $person->get());
        $step = (string) $request->request->get('step', '');

        return '' === $step
            ? $this->redirectToRoute('parts', ['number' => $case->number], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('strip', ['number' => $case->number, 'step' => $step], Response::HTTP_SEE_OTHER);
    }
}
