<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;

/** Candidates that the analyst's chain does not name, likely enough beside what it names, and that nothing excludes. */
final class Rivals
{
    /** "An alternative within a factor three": one that has at least a third of the share. */
    public const FACTOR = 3.0;

    /** Where the engine knows none of the analyst's origins, an alternative has at least this share. */
    private const ALONE = 0.1;

    /**
     * @param list<Candidate> $candidates those first that did most
     * @param list<string> $named spots of the analyst's own origins
     * @param list<string> $excluded spots that somebody refused, with a reason
     *
     * @return list<Candidate>
     */
    public static function of(array $candidates, array $named, array $excluded): array
    {
        $own = 0.0;
        foreach ($candidates as $one) {
            $own = \in_array($one->origin->id(), $named, true) ? max($own, $one->part) : $own;
        }
        $least = [] === $named || 0.0 === $own ? self::ALONE : $own / self::FACTOR;

        return array_values(array_filter(
            Shortlist::worthTelling($candidates),
            static fn (Candidate $one): bool => $one->part >= $least && [] !== $one->explains && [] === $one->contradicts
                && !\in_array($one->origin->id(), $named, true) && !\in_array($one->origin->id(), $excluded, true),
        ));
    }

    /**
     * The candidates that an analyst's origins mean: by the condition they were made of, else the likeliest of their kind at their part.
     *
     * @param list<NamedOrigin> $origins
     * @param list<Candidate> $candidates the likeliest first
     * @param list<string> $known ids of all conditions
     *
     * @return list<string>
     */
    public static function named(array $origins, array $candidates, Vocabulary $vocabulary, array $known): array
    {
        $named = [];
        foreach ($origins as $origin) {
            if (null !== $origin->spot && \in_array($origin->spot, $known, true)) {
                $named[] = $origin->spot;
                continue;
            }
            $part = null === $origin->place ? null : explode('/', $origin->place)[0];
            foreach ($candidates as $one) {
                if (
                    $vocabulary->origins[$one->origin->key]->kind === $origin->kind
                        && (null === $one->origin->part() || null === $part || $part === $one->origin->part())
                ) {
                    $named[] = $one->origin->id();
                    break;
                }
            }
        }

        return $named;
    }
}
