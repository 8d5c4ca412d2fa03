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

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Makes offers, and takes them back. */
final class OfferController extends AbstractController
{
    /** A link holds at most so long, days. */
    private const LONGEST = 90;

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
        $until = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed->until);
        $today = now('today');
        if (false === $until || $until < $today || $until > $today->modify('+'.self::LONGEST.' days')) {
            throw new ShopError(
                \sprintf(
                    'Until when does the link hold? A day from today to %s.',
                    $today->modify('+'.self::LONGEST.' days')->format('j M Y'),
                ),
                422,
            );
        }
        if ('' === $typed->story) {
            throw new ShopError('Tell the customer what failed and why, in plain words.', 422);
        }
        $unpriced = $this->offers->unpriced($case);
        if ([] !== $unpriced && 'yes' !== $typed->unpriced) {
            throw new ShopError(
                \sprintf(
                    'Without a price are: %s. The customer is told so before choosing; tick that you send it all the same, or '
                        .'give prices first.',
                    implode(', ', $unpriced),
                ),
                422,
            );
        }
        try {
            $offer = $this->offers->make(
                $case,
                $typed->story,
                $typed->theory,
                array_values(array_filter($typed->photos, is_string(...))),
                array_values(array_filter(array_map(trim(...), explode("\n", $typed->questions)))),
                $until,
                $person->get(),
            );
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
