<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\CurrentPerson;
use App\Chain\Repository\ChainLinkRepository;
use App\Intake\Stage;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for a condition or a link of the analyst's chain that a hand sets: it says who, and moves the case on. */
final readonly class KeepInChain
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CurrentPerson $person,
        private ChainLinkRepository $links,
    ) {
    }

    public function __invoke(ChainNode|ChainLink $one): void
    {
        $known = $one instanceof ChainLink ? $this->links->between($one->from, $one->to) : null;
        if ($one instanceof ChainLink && null !== $known && $known !== $one) {
            $known->sayAs($one);
            $one = $known;
        }
        $one->doneBy($this->person->get());
        $this->entityManager->persist($one);
        $one->case->moveTo(Stage::Chain);
        $this->entityManager->flush();
    }
}
