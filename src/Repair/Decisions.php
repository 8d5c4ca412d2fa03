<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Evidence\Conditions;
use App\Evidence\PartRecord;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Intake\Repository\FoundOfCase;
use App\Measuring\BoundParts;
use App\Platform\ShopError;
use App\Repair\Repository\PartDecisionRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Repair\HangsOn;
use Symfony\Component\Uid\Uuid;

/** What becomes of the parts: as it was found and, once the case is signed, as it was decided since for the repair. */
final readonly class Decisions
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BoundParts $bound,
        private Conditions $conditions,
        private CurrentPerson $person,
        private PartRecordRepository $records,
        private PartDecisionRepository $decisions,
        private FoundOfCase $found,
        private KeptOfCase $kept,
    ) {
    }

    /** @return array<string, PartRecord|PartDecision> by part: those that were taken, whether or not they stand */
    public function taken(CaseFile $case): array
    {
        $taken = [];
        foreach ([...$this->records->ofCase($case), ...$this->decisions->ofCase($case)] as $one) {
            if (null !== $one->disposition) {
                $taken[$one->part] = $one;
            }
        }

        return $taken;
    }

    /** @return array<string, PartRecord|PartDecision> those that stand */
    public function standing(CaseFile $case): array
    {
        $refused = $this->refused($case);

        return array_filter($this->taken($case), static fn (PartRecord|PartDecision $one): bool => !isset($refused[$one->part]));
    }

    /** @return array<string, string> part => why its decision does not stand */
    public function refused(CaseFile $case): array
    {
        return $this->found->once('refused decisions', $case, fn (): array => $this->kept->of(
            $case, 'refused decisions', fn (): array => $this->judged($case),
        ));
    }

    /** @return array<string, string> */
    private function judged(CaseFile $case): array
    {
        $bound = $this->bound->boundOf($case);
        $missed = $this->conditions->missed($case);

        return array_filter(
            array_map(
                static fn (PartRecord|PartDecision $one): ?string => (
                    isset($bound[$one->part]) ? $one->against($bound[$one->part]) : null
                ) ?? self::failed($one, $missed),
                $this->taken($case),
            )
        );
    }

    /** @return list<string> parts that go back in for now: what they hang on may still ask for a new one */
    public function provisional(CaseFile $case): array
    {
        return array_keys(
            array_filter(
                $this->standing($case),
                static fn (PartRecord|PartDecision $one): bool => '' !== $one->hangsOn && true === $one->disposition?->keepsThePart(),
            )
        );
    }

    /**
     * A decision that hung on a step of the proof which was missed since.
     *
     * @param array<string, Uuid> $missed
     */
    private static function failed(PartRecord|PartDecision $one, array $missed): ?string
    {
        foreach ($missed as $title => $entry) {
            // A decision that was taken after the miss knows of it.
            if (HangsOn::isStep($one->hangsOn, $title) && !($one instanceof PartDecision && $one->id->compare($entry) > 0)) {
                return \sprintf('It hung on this: %s. That was missed; decide anew.', $one->hangsOn);
            }
        }

        return null;
    }

    /** @throws ShopError if a limit speaks against it and no reason is given */
    public function decide(CaseFile $case, string $part, Disposition $disposition, string $reason, string $despite, string $hangsOn): void
    {
        $bound = $this->bound->boundOf($case)[$part] ?? throw new ShopError('The book has no such part.', 404);
        $decision = $case->isSigned() ? new PartDecision($case, $part, $this->person->get()) : $this->records->ofPart($case, $part);
        if ('' === trim($reason) && Disposition::AlwaysReplace !== $disposition) {
            throw new ShopError('Why? One line that still makes sense in a year.', 422);
        }
        $why = $bound->against($disposition, '' === trim($despite) ? [] : $bound->asks);
        if (null !== $why) {
            throw new ShopError(
                \sprintf(
                    '%s is refused: %s %s',
                    $disposition->label(),
                    $why,
                    [] === $bound->stops ? 'Say why it may go back in all the same, or decide otherwise.' : 'Decide otherwise.',
                ),
                422,
            );
        }
        $decision->decide($disposition, $reason, $hangsOn);
        $decision->reasoned(mb_substr($despite, 0, 2000), $bound, $this->person->get());
        $this->entityManager->persist($decision);
        $this->entityManager->flush();
    }
}
