<?php

declare(strict_types=1);

namespace App\Account\Undo;

use App\Account\Repository\UndoStepRepository;
use App\Account\Role;
use App\Account\User;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Uid\Uuid;

/** Takes back what was done to a case, and does it again: at once for ten minutes, later from the history. */
final readonly class Undo
{
    /** So long it is offered beside the work. */
    private const AT_HAND = '-10 minutes';

    public function __construct(
        private EntityManagerInterface $entityManager,
        private UndoStepRepository $steps,
        private RequestStack $requests,
    ) {
    }

    /** What this person did last, while it is at hand. */
    public function atHand(Uuid $case, User $who): ?UndoStep
    {
        return $this->steps->lastOf($case, $who, now()->modify(self::AT_HAND));
    }

    /**
     * @param \DateTimeImmutable|null $signed when the case was signed; null: it is open
     *
     * @throws UndoError
     */
    public function takeBack(UndoStep $step, User $who, ?\DateTimeImmutable $signed): void
    {
        $this->may($step, $who, $signed);
        if (null !== $step->undoneAt) {
            throw UndoError::alreadyUndone();
        }
        $this->inTheWay($step);
        $back = array_map(static fn (Change $one): Change => $one->reversed(), array_reverse($step->changes()));
        $step->holds(array_reverse($this->apply($back)), $step->says);
        $step->takenBack(now());
        $this->entityManager->flush();
    }

    /**
     * @param \DateTimeImmutable|null $signed when the case was signed; null: it is open
     *
     * @throws UndoError
     */
    public function doAgain(UndoStep $step, User $who, ?\DateTimeImmutable $signed): void
    {
        $this->may($step, $who, $signed);
        if (null === $step->undoneAt) {
            return;
        }
        $this->inTheWay($step);
        $this->apply($step->changes());
        $step->doneAgain();
        $this->entityManager->flush();
    }

    private function may(UndoStep $step, User $who, ?\DateTimeImmutable $signed): void
    {
        match (true) {
            null !== $signed && $step->madeAt <= $signed => throw UndoError::signed(),
            $step->person() !== $who && Role::Analyst !== $who->role => throw UndoError::notYours(),
            default => null,
        };
    }

    private function inTheWay(UndoStep $step): void
    {
        foreach ($this->steps->standingAfter($step) as $later) {
            foreach ($step->changes() as $change) {
                foreach ($later->changes() as $other) {
                    $change->meets($other) && throw UndoError::changedSince($later);
                }
            }
        }
    }

    /**
     * @param list<Change> $changes
     *
     * @return list<Change> what takes them back, with all that the things held that went
     */
    private function apply(array $changes): array
    {
        $this->requests->getMainRequest()?->attributes->set(UndoRecorder::STEP, false);
        $rows = new Rows($this->entityManager);
        $back = [];
        foreach ($changes as $change) {
            $entity = $rows->find($change->table, $change->id);
            if ((null === $entity) !== (Done::Added === $change->done)) {
                throw UndoError::somethingElseStandsThere();
            }
            if (null === $entity) {
                $this->entityManager->persist($rows->make($change->table, $change->id));
                $back[$change->id.'+'] = $change->reversed();
            } elseif (Done::Changed === $change->done) {
                foreach ($change->fields as $field => [$before]) {
                    $rows->holds($entity, $field, $before) || throw UndoError::somethingElseStandsThere();
                }
                $back[$change->id.'='] = $change->reversed();
            } else {
                $back += $this->goes($entity, $rows);
                $this->entityManager->remove($entity);
            }
        }
        // What one of them refers to may be another of them: all are there before any is filled.
        foreach ($changes as $change) {
            $entity = Done::Removed === $change->done ? null : $rows->find($change->table, $change->id);
            null === $entity || $rows->put($entity, $change->after());
        }

        return array_values($back);
    }

    /** @return array<string, Change> what puts a thing back as it is now, and what goes with it */
    private function goes(object $entity, Rows $rows): array
    {
        $all = [$entity];
        foreach ($rows->hangingOn($entity) as [$one, $field]) {
            null !== $field || $all[] = $one;
        }
        $back = [];
        foreach ($all as $one) {
            $back[$rows->idOf($one).'-'] = new Change(Done::Added, $rows->tableOf($one), $rows->idOf($one), self::added($rows->held($one)));
        }

        return $back;
    }

    /**
     * @param array<string, scalar|null> $held
     *
     * @return array<string, array{null, scalar|null}>
     */
    private static function added(array $held): array
    {
        return array_map(static fn (string|int|float|bool|null $value): array => [null, $value], $held);
    }
}
