<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\Actor;
use App\Evidence\PartLimits;
use App\Evidence\PartRecord;
use App\Intake\Stage;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

/** The one way in for what is made of a part: how it feels, what becomes of it, and why. */
final readonly class JudgePart
{
    public function __construct(private EntityManagerInterface $entityManager, private PartLimits $bound)
    {
    }

    /**
     * A decision that a limit speaks against is refused until an analyst says why.
     *
     * @param string $said the reason that was given before
     *
     * @return string|null why it is refused; null: it may be kept
     */
    public function refused(PartRecord $record, string $said, Actor $who): ?string
    {
        $bound = $this->bound->boundOf($record->case, $record)[$record->part];
        if ($said !== $record->despite || '' === $record->despite) {
            $record->reasoned($record->despite, $bound, $who);
        }
        $why = $record->against($bound);

        return null === $why ? null : \sprintf('%s is refused: %s', $record->disposition?->label(), $why);
    }

    /** @param array<string, int> $was what was felt, heard and smelt of it before: it stays beside what is felt now */
    public function sensed(PartRecord $record, array $was, Actor $who): void
    {
        $record->sensedAnew($was, $who, now());
    }

    public function keep(PartRecord $record): void
    {
        $this->entityManager->persist($record);
        $record->case->moveTo(Stage::Parts);
        $this->entityManager->flush();
    }
}
