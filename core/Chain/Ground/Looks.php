<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Answer;
use Japhrex\Core\Chain\Inference\Question;

/**
 * What to look at next: whoever looks at a part sees all that is on it, so a part's conditions are weighed together. A look settles, for
 * each origin in the race, the mutual information between it and what the look may show, as far as it matters to what was complained of.
 */
final class Looks
{
    /** So many of those that did most are asked about. */
    public const RIVALS = 48;

    /** One that did less of what was complained of is out of the race. */
    public const LEAST = 0.004;

    /** A look that finds where it started is worth so many bits: about as many as there are parts to choose from. */
    private const FOUND = 3.0;

    /** Conditions of a part that are weighed together: those that tell most. */
    private const TOGETHER = 6;

    /** What ordinary running makes: nobody is sent to look for it. */
    private const ORDINARY = 'polishing';

    /** So many of them are named. */
    private const NAMED = 3;

    /**
     * @param Ground $pruned as it was asked about
     * @param array<string, float> $minutes part => minutes until it can be looked at
     * @param array<int, float> $race origin => how much of it matters to what was complained of
     * @param array<string, float> $at part => how much of what was complained of started there
     *
     * @return list<Look> the most for its minutes first
     */
    public static function of(Ground $pruned, Question $question, Answer $answer, array $minutes, array $race, array $at): array
    {
        $rivals = self::rivals($pruned, $question, $answer, $race);
        $looks = [];
        foreach (self::unseen($pruned, $minutes) as $part => $spots) {
            $tells = [];
            foreach ($spots as $id) {
                $tells[$id] = array_sum(array_map(static fn (array $rival): float => self::information($rival, [$id]), $rivals));
            }
            arsort($tells);
            $best = \array_slice(array_keys($tells), 0, self::TOGETHER);
            $bits = array_sum(array_map(static fn (array $rival): float => self::information($rival, $best), $rivals));
            // Where it started, the look ends the search.
            $bits += self::FOUND * ($at[$part] ?? 0.0);
            $looks[] = new Look(
                (string) $part,
                $bits,
                $minutes[$part],
                array_map(static fn (string $id): Spot => $pruned->spots[$id], \array_slice($best, 0, self::NAMED)),
            );
        }
        usort($looks, static fn (Look $a, Look $b): int => [$b->bitsPerMinute(), $a->part] <=> [$a->bitsPerMinute(), $b->part]);

        return $looks;
    }

    /**
     * The origins in the race: how likely each is, what a look would show with it and without it, and how much of it matters.
     *
     * @param array<int, float> $race
     *
     * @return list<array{float, array<string, float>, array<string, float>, float}>
     */
    private static function rivals(Ground $pruned, Question $question, Answer $answer, array $race): array
    {
        $rivals = [];
        foreach ($answer->given as $origin => $with) {
            $share = $answer->posteriors[$origin];
            $without = [];
            foreach ($with as $node => $chance) {
                $without[$node] = min(1.0, max(0.0, ($answer->posteriors[$node] - $share * $chance) / (1.0 - $share)));
            }
            $rivals[] = [
                $share,
                self::shown($pruned, $question, [$origin => 1.0] + $with),
                self::shown($pruned, $question, [$origin => 0.0] + $without),
                $race[$origin] ?? 0.0,
            ];
        }

        return $rivals;
    }

    /**
     * What a look would show of each condition; a look does not find all that is there.
     *
     * @param array<int, float> $known node => chance; what nothing was seen below follows from its causes
     *
     * @return array<string, float>
     */
    private static function shown(Ground $pruned, Question $question, array $known): array
    {
        $ids = array_keys($pruned->spots);
        $chances = $shown = [];
        foreach ($question->network->order as $node) {
            $id = $ids[$node];
            $none = 1.0 - $pruned->spots[$id]->leak;
            foreach (isset($known[$node]) ? [] : $pruned->into[$id] ?? [] as $tie) {
                $none *= 1.0 - $tie->strength * $chances[$tie->from];
            }
            $chances[$id] = $known[$node] ?? 1.0 - $none;
            $shown[$id] = $chances[$id] * $pruned->spots[$id]->found;
        }

        return $shown;
    }

    /**
     * @param array<string, float> $minutes
     *
     * @return array<string, list<string>> part => damage that nobody has looked for yet
     */
    private static function unseen(Ground $pruned, array $minutes): array
    {
        $unseen = [];
        foreach ($pruned->spots as $id => $spot) {
            $part = $spot->part();
            if (
                'damage' === $spot->kind
                    && self::ORDINARY !== $spot->key
                    && null !== $part
                    && isset($minutes[$part])
                    && !isset($pruned->seen[$id])
            ) {
                $unseen[$part][] = $id;
            }
        }

        return $unseen;
    }

    /**
     * Mutual information between an origin and what a look shows, bits; given the origin each condition shows on its own.
     *
     * @param array{float, array<string, float>, array<string, float>, float} $rival
     * @param list<string> $conditions
     */
    private static function information(array $rival, array $conditions): float
    {
        [$share, $with, $without, $matters] = $rival;
        $outcomes = [[$share, 1.0 - $share]];
        foreach ($conditions as $id) {
            $next = [];
            foreach ($outcomes as [$p, $q]) {
                $next[] = [$p * $with[$id], $q * $without[$id]];
                $next[] = [$p * (1.0 - $with[$id]), $q * (1.0 - $without[$id])];
            }
            $outcomes = $next;
        }
        $bits = 0.0;
        foreach ($outcomes as [$p, $q]) {
            $bits += ($p > 0.0 ? $p * log($p / (($p + $q) * $share), 2) : 0.0) + (
                $q > 0.0 ? $q * log($q / (($p + $q) * (1.0 - $share)), 2) : 0.0
            );
        }

        return max(0.0, $bits) * $matters;
    }
}
