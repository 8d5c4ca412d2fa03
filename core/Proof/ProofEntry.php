<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Measuring\LimitVerdict;

/** What may be written of a step of the proof: its clock begun, passed, or missed. */
final class ProofEntry
{
    public const BEGUN = 'begun';
    public const PASSED = 'passed';
    public const MISSED = 'missed';

    /** A guard that somebody will not have back: our objection stands. */
    public const REFUSED = 'refused';

    /**
     * @param ProofItem|null $before what makes it ready to run and comes before, where that is not passed yet
     * @param Soak|null $soak the clock, where it runs
     * @param list<ProofReading> $readings what was read against the book's limits
     *
     * @throws ProofError saying what is missing
     */
    public static function allow(
        ProofItem $item,
        ?ProofItem $before,
        ?Soak $soak,
        string $outcome,
        string $words,
        array $readings,
        \DateTimeImmutable $now,
    ): void {
        $outside = array_filter($readings, static fn (ProofReading $one): bool => LimitVerdict::Outside === $one->verdict);
        $says = match (true) {
            self::REFUSED === $outcome && !$item->guard => 'Only a guard can be refused.',
            !\in_array($outcome, [self::BEGUN, self::PASSED, self::MISSED, self::REFUSED], true) => 'Passed, or missed?',
            self::REFUSED === $outcome
                && '' === trim($words) => 'Who will not have the guard back, and why? Our objection is kept with it.',
            null !== $before
                && !\in_array($outcome, [self::MISSED, self::REFUSED], true) => \sprintf(
                    'First: %s. What is not filled, free by hand and the right way round is not run: a second is enough.',
                    lcfirst($before->title),
                ),
            self::BEGUN === $outcome && 0 === $item->minutes => 'This step has no clock.',
            self::PASSED === $outcome
                && $item->minutes > 0
                && null === $soak => \sprintf('It runs for %d min: start its clock first.', $item->minutes),
            self::PASSED === $outcome
                && null !== $soak
                && !$soak->isOver($now) => \sprintf(
                    '%d of %d min have passed; it is over at %s.',
                    intdiv($soak->passed($now), 60),
                    $soak->minutes,
                    $soak->ends()->format('H:i'),
                ),
            self::PASSED === $outcome
                && [] !== $outside => \sprintf(
                    'Not passed: %s',
                    implode(' ', array_map(static fn (ProofReading $one): string => $one->says, $outside)),
                ),
            self::BEGUN !== $outcome
                && '' === trim($words)
                && [] === $readings => 'What was read, or seen? A value with its unit, or a few words.',
            default => null,
        };
        if (null !== $says) {
            throw ProofError::refused($says);
        }
    }

    /**
     * May the unit go out with this?
     *
     * @param int $open steps of the proof that are not passed
     *
     * @throws ProofError saying what is missing
     */
    public static function goesOut(string $checks, string $stop, int $open, string $despite): void
    {
        if ('' === trim($checks) || '' === trim($stop)) {
            throw ProofError::nothingToldToUser();
        }
        if ($open > 0 && '' === trim($despite)) {
            throw ProofError::stepsOpen($open);
        }
    }
}
