<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Actor;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\MessageBusInterface;

/** The one way in for the papers of a claim: they are ordered here, and made by the worker. */
final readonly class OrderPapers
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private Claims $claims,
        private MessageBusInterface $bus,
    ) {
    }

    /**
     * @param string $base where this shop is reached, for the codes on the tags
     * @param bool $withPlaces do the photos go out with where they were taken?
     *
     * @throws ShopError if it is not known what the claim asks for
     */
    public function __invoke(Claim $claim, string $base, bool $withPlaces, Actor $who): ClaimPapers
    {
        try {
            $known = null !== $this->claims->sum($claim);
        } catch (\DomainException $e) {
            throw new ShopError($e->getMessage(), 422);
        }
        if (!$known) {
            throw new ShopError(
                'It is not known which edition of the policy is in force. Say on the warranty page when the unit was delivered or fitted.',
                422,
            );
        }
        $this->entityManager->persist($papers = new ClaimPapers($claim, $base, $withPlaces, $who));
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeClaim($papers->id));

        return $papers;
    }
}
