<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Evidence\Repository\FindingRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\DutyRating;

/**
 * The one way in for what was found inside against what a model should have. What differs is a find of an earlier repair:
 * a fault only where it is weaker for what the unit has to do.
 */
final readonly class RateContent
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private FindingRepository $findings,
        private RecordFinding $record,
    ) {
    }

    /**
     * @param string $should what the model has; empty: the book does not say
     * @param DutyRating|null $rated null: it is as it should be
     *
     * @throws ShopError if nobody says what was found instead
     */
    public function __invoke(ContentCheck $check, string $should, string $found, ?DutyRating $rated, Actor $who): void
    {
        if (null !== $rated && '' === $found) {
            throw new ShopError('What is in it instead?', 422);
        }
        $check->looked($found, $rated, $who);
        $this->entityManager->persist($check);
        $earlier = $this->findingOf($check);
        if (null === $rated) {
            // Looked at again: the find stays, and clears and accuses nobody.
            $earlier?->noted($check->heads().'to be as it should'.('' === $found ? '.' : ', '.$found.'.'));
            $this->entityManager->flush();

            return;
        }
        $finding = $earlier ?? new Finding($check->case, $check->part);
        $note = $check->heads().$found.('' === $should ? '' : '; this model should have '.$should).': '.$rated->label().'.';
        DutyRating::Weaker === $rated ? $finding->sawDamage('assembly-fault', 2, $note) : $finding->sawOldScar($note);
        ($this->record)($finding, $who);
    }

    private function findingOf(ContentCheck $check): ?Finding
    {
        foreach ($this->findings->ofCase($check->case) as $one) {
            if ($one->part === $check->part && str_starts_with($one->note, $check->heads())) {
                return $one;
            }
        }

        return null;
    }
}
