<?php

declare(strict_types=1);

namespace App\Account\Undo;

use App\Account\CurrentPerson;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\UnitOfWork;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Uid\Uuid;

/** Notes, in the same transaction, what a request does to a case, so that it can be taken back. */
#[AsDoctrineListener('onFlush')]
final readonly class UndoRecorder
{
    /** Under which a request holds its step; `false`: it is one that takes back, and notes nothing. */
    public const STEP = '_undo';

    public function __construct(private CurrentPerson $person, private RequestStack $requests)
    {
    }

    public function onFlush(OnFlushEventArgs $args): void
    {
        $request = $this->requests->getMainRequest();
        $step = $request?->attributes->get(self::STEP);
        if (null === $request || false === $step) {
            return;
        }
        $entityManager = $args->getObjectManager();
        [$case, $says, $changes] = $this->noted($entityManager);
        if (null === $case || [] === $changes) {
            return;
        }
        $metadata = $entityManager->getClassMetadata(UndoStep::class);
        if ($step instanceof UndoStep && $step->caseId->equals($case) && $entityManager->contains($step)) {
            $step->holds([...$step->changes(), ...$changes], $step->says);
            $entityManager->getUnitOfWork()->recomputeSingleEntityChangeSet($metadata, $step);

            return;
        }
        $step = new UndoStep($case, $this->person->actor());
        $step->holds($changes, $says);
        $entityManager->persist($step);
        $entityManager->getUnitOfWork()->computeChangeSet($metadata, $step);
        $request->attributes->set(self::STEP, $step);
    }

    /** @return array{Uuid|null, string, list<Change>} */
    private function noted(EntityManagerInterface $entityManager): array
    {
        $rows = new Rows($entityManager);
        $work = $entityManager->getUnitOfWork();
        [$case, $says, $changes] = [null, [], []];
        foreach ($this->undoable($work) as [$done, $entity]) {
            $fields = match ($done) {
                Done::Added => array_map(static fn (mixed $value): array => [null, $value], $rows->held($entity)),
                Done::Changed => $rows->changed($entity, $work->getEntityChangeSet($entity)),
                Done::Removed => array_map(static fn (mixed $value): array => [$value, null], $rows->held($entity)),
            };
            if ([] === $fields) {
                continue;
            }
            $case ??= $entity->auditCase();
            if (Done::Added === $done && $rows->idOf($entity)->equals($case)) {
                // A case that is taken in is withdrawn, with a reason.
                return [null, '', []];
            }
            $says[] = $entity->auditName().' '.$done->value;
            $changes[(string) $rows->idOf($entity)] = new Change($done, $rows->tableOf($entity), $rows->idOf($entity), $fields);
            foreach (Done::Removed === $done ? $rows->hangingOn($entity) : [] as [$one, $field]) {
                $held = array_map(static fn (mixed $value): array => [$value, null], $rows->held($one));
                $changes[$rows->idOf($one).$field] ??= new Change(
                    null === $field ? Done::Removed : Done::Changed,
                    $rows->tableOf($one),
                    $rows->idOf($one),
                    null === $field ? $held : [$field => $held[$field]],
                );
            }
        }
        $more = \count($says) > 1 ? \sprintf(', and %d more', \count($says) - 1) : '';

        return [$case, ($says[0] ?? '').$more, array_values($changes)];
    }

    /** @return iterable<array{Done, Undoable}> */
    private function undoable(UnitOfWork $work): iterable
    {
        foreach ([
            [Done::Removed, $work->getScheduledEntityDeletions()],
            [Done::Added, $work->getScheduledEntityInsertions()],
            [Done::Changed, $work->getScheduledEntityUpdates()],
        ] as [$done, $entities]) {
            foreach ($entities as $entity) {
                if ($entity instanceof Undoable && null !== $entity->auditCase()) {
                    yield [$done, $entity];
                }
            }
        }
    }
}
