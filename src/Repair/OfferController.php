<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Repair\Form\OfferInput;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Makes offers, and takes them back. */
final class OfferController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly Offers $offers,
    ) {
    }

    #[Route('/cases/{number}/offers', name: 'offer_make', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function make(
        string $number,
        #[MapRequestPayload] OfferInput $typed,
        CurrentPerson $person,
        MessageBusInterface $bus,
    ): Response {
        $case = $this->gate->find($number);
        try {
            $offer = $this->offers->make($case, $typed, $person->get());
        } catch (OfferError $e) {
            throw new ShopError($e->getMessage(), 422);
        }
        $bus->dispatch(new MakeOffer($offer->id));

        return $this->redirectToRoute('repair', ['number' => $case->number, '_fragment' => 'offers'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/offers/{id}/revoke', name: 'offer_revoke', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function revoke(string $number, Offer $offer): Response
    {
        if ($offer->case !== $this->gate->find($number)) {
            throw new ShopError('That offer is of another case.', 404);
        }
        $offer->takeBack();
        $this->entityManager->flush();

        return $this->redirectToRoute('repair', ['number' => $number, '_fragment' => 'offers'], Response::HTTP_SEE_OTHER);
    }
}
