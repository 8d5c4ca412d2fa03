<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Proof\Form\ProofInput;
use App\Proof\Live\TestStand;
use App\Proof\Repository\TestStandRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The proof on the stand or in the machine, and the return to service. It goes on after the case is signed. */
final class ProofController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly ProofDesk $desk,
        private readonly CurrentPerson $person,
        private readonly TestStandRepository $stands,
        private readonly ProofPage $page,
    ) {
    }

    #[Route('/cases/{number}/proof', name: 'proof', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page->show($this->gate->find($number));
    }

    #[Route(
        '/cases/{number}/proof/{key}',
        name: 'proof_item',
        requirements: ['key' => 'direction|(book|complaint)-[a-z0-9-]+'],
        methods: ['POST'],
    )]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function item(string $number, string $key, #[MapRequestPayload] ProofInput $sent): Response
    {
        $case = $this->gate->find($number);
        $typed = [
            'key' => $key,
            'words' => $sent->words,
            'read' => $sent->read,
            'speed' => $sent->speed,
            'stand' => $sent->stand,
        ];
        try {
            $this->desk->entry(
                $case,
                $key,
                $sent->outcome,
                $typed,
                $this->stand($typed['stand']),
                $this->person->get(),
            );
        } catch (\DomainException $e) {
            return $this->page->show($case, ['refused' => $e->getMessage()] + $typed);
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => $key], Response::HTTP_SEE_OTHER);
    }

    private function stand(string $name): ?TestStand
    {
        return '' === $name ? null : $this->stands->named($name);
    }
}
