<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Intake\Stage;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** The one way in for what a look found, whoever looked: desk, strip bench, phone, watch list. */
final readonly class RecordFinding
{
    /** @param iterable<AfterFinding> $after */
    public function __construct(
        private EntityManagerInterface $entityManager,
        #[AutowireIterator(AfterFinding::TAG)] private iterable $after,
    ) {
    }

    /** @param Stage $work what is being worked on: the case moves on to it */
    public function __invoke(Finding $finding, Actor $who, Stage $work = Stage::Parts): void
    {
        $finding->settle();
        $finding->doneBy($who);
        $finding->case->moveTo($work);
        $this->entityManager->persist($finding);
        foreach ($this->after as $one) {
            $one->found($finding);
        }
        $this->entityManager->flush();
    }
}
