<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What is said of candidates beside each other. */
final class Shortlist
{
    /** A share below which a candidate is not told, and one below which even the first says nothing. */
    private const TOLD = 0.02;
    private const DETERMINED = 0.1;

    /** So much of a complaint is one origin's doing where it is decided; a theory that did less than this share of the first is refuted. */
    public const DECIDED = 0.5;
    private const REFUTED = 0.2;

    /**
     * What the finds say of somebody's theory.
     *
     * @param list<Candidate> $candidates the first of them first
     */
    public static function answered(Candidate $theory, array $candidates): TheoryAnswer
    {
        $first = $candidates[0]->part ?? 0.0;

        return match (true) {
            $theory->part >= self::DECIDED || ($theory->part >= 0.9 * $first && $first >= self::DETERMINED) => TheoryAnswer::Supported,
            $theory->part < self::REFUTED * max($first, self::DETERMINED) => TheoryAnswer::Refuted,
            default => TheoryAnswer::Open,
        };
    }

    /**
     * Whom a theory is held against: the first of those that mean something else.
     *
     * @param list<Candidate> $candidates the first of them first
     */
    public static function other(Candidate $theory, array $candidates): ?Candidate
    {
        foreach ($candidates as $one) {
            if ($one->origin->id() !== $theory->origin->id()) {
                return $one;
            }
        }

        return null;
    }

    /**
     * Those that are worth telling: likely enough and explaining something; the first stands in any case.
     *
     * @param list<Candidate> $candidates those first that did most
     *
     * @return list<Candidate>
     */
    public static function worthTelling(array $candidates): array
    {
        return array_values(
            array_filter(
                $candidates,
                static fn (Candidate $one, int $i): bool => 0 === $i || ($one->posterior >= self::TOLD && [] !== $one->explains),
                \ARRAY_FILTER_USE_BOTH,
            )
        );
    }

    /**
     * The likeliest of those whose own story tells as much of what was found as any, or one find less. What speaks against
     * a story is in its chance already.
     *
     * @param list<Candidate> $candidates those first that did most
     */
    public static function singleStory(array $candidates): ?Candidate
    {
        $most = max([0, ...array_map(static fn (Candidate $one): int => \count($one->explains), $candidates)]);
        foreach ($candidates as $one) {
            if ([] !== $one->explains && \count($one->explains) >= $most - 1) {
                return $one;
            }
        }

        return null;
    }

    /** @param list<Candidate> $candidates those first that did most */
    public static function isUndetermined(array $candidates): bool
    {
        return [] === $candidates || $candidates[0]->posterior < self::DETERMINED || [] === $candidates[0]->explains;
    }
}
