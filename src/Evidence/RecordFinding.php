<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Intake\Stage;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

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

    /**
     * @param Stage $work what is being worked on: the case moves on to it
     * @param Judgement|null $was how it was judged before; null: it is new
     * @param string $because why it is judged anew
     */
    public function __invoke(
        Finding $finding,
        Actor $who,
        Stage $work = Stage::Parts,
        ?Judgement $was = null,
        string $because = '',
    ): void {
        $finding->settle();
        $finding->doneBy($who);
        null === $was || $finding->judgedAnew($was, now(), $because);
        $finding->case->moveTo($work);
        $this->entityManager->persist($finding);
        foreach ($this->after as $one) {
            $one->found($finding);
        }
        $this->entityManager->flush();
    }
}
