<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Account\OurShop;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Proof\Form\HandoverInput;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The return to service: what to check, when to stop, and the day on which somebody asks how it runs. */
final class HandoverController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly ProofDesk $desk,
        private readonly CurrentPerson $person,
        private readonly ProofPage $page,
        private readonly OurShop $shop,
    ) {
    }

    #[Route('/cases/{number}/handover', name: 'handover_save', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function handover(string $number, #[MapRequestPayload] HandoverInput $typed): Response
    {
        $case = $this->gate->find($number);
        $handover = $this->desk->handover($case) ?? $this->desk->draft($case);
        $watch = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed->watch);
        $handover->tell($typed->check, $typed->stop, false === $watch ? null : $watch, $typed->units);
        try {
            if ('' !== $typed->watch && false === $watch) {
                throw ProofError::watchDay();
            }
            $handover->account($typed->took, '' === $typed->charged ? null : $this->shop->money($typed->charged));
            $this->desk->goOut($handover, $typed->despite, $this->person->get());
        } catch (\DomainException $e) {
            if ($this->entityManager->contains($handover)) {
                $this->entityManager->detach($handover);
            }

            $said = ['despite' => $typed->despite, 'took' => $typed->took, 'charged' => $typed->charged];

            return $this->page->show($case, ['key' => 'handover', 'refused' => $e->getMessage()] + $said, $handover);
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'handover'], Response::HTTP_SEE_OTHER);
    }
}
