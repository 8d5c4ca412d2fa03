<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Account\Actor;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\MessageBusInterface;

/** The one way out for whole cases: they are ordered here, and packed by the worker. */
final readonly class PackCases
{
    public function __construct(private EntityManagerInterface $entityManager, private MessageBusInterface $bus)
    {
    }

    /**
     * @param list<string> $numbers of cases
     * @param bool $withPlaces do photos and films go out with where they were taken?
     *
     * @throws ShopError if there are none, or too many for one file
     */
    public function __invoke(array $numbers, bool $withPlaces, Actor $who): BagOut
    {
        if ([] === $numbers || \count($numbers) > BagOut::MOST) {
            throw new ShopError(\sprintf(
                'One file takes 1 to %d cases; these are %s. Ask for less at a time, a year or a customer.',
                BagOut::MOST,
                \count($numbers) > BagOut::MOST ? 'more' : 'none',
            ), 422);
        }
        $this->entityManager->persist($bags = new BagOut($numbers, $withPlaces, $who));
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeBags($bags->id));

        return $bags;
    }
}
