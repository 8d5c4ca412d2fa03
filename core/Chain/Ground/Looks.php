<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Answer;
use Japhrex\Core\Chain\Inference\Question;

/**
 * What to look at next: whoever looks at a part sees all that is on it, so a part's conditions are weighed together. A look is worth the
 * mutual information between what it may show and which of those in the race brought about what was complained of.
 */
final class Looks
{
    /** So many of those that did most are asked about. */
    public const RIVALS = 16;

    /** One that did less of what was complained of is out of the race. */
    public const LEAST = 0.01;

    /** A look that settles less is not worth its minutes. */
    private const WORTH = 0.03;

    /** At least so much is left to what is not in the race. */
    private const OTHERS = 0.02;

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
     *
     * @return list<Look> the most for its minutes first
     */
    public static function of(Ground $pruned, Question $question, Answer $answer, array $minutes, array $race): array
    {
        [$parts, $shown] = self::rivals($pruned, $question, $answer, $race);
        $looks = [];
        foreach (self::unseen($pruned, $minutes) as $part => $spots) {
            $tells = [];
            foreach ($spots as $id) {
                $tells[$id] = self::information($parts, $shown, [$id]);
            }
            arsort($tells);
            $best = \array_slice(array_keys($tells), 0, self::TOGETHER);
            $looks[] = new Look(
                (string) $part,
                self::information($parts, $shown, $best),
                $minutes[$part],
                array_map(static fn (string $id): Spot => $pruned->spots[$id], \array_slice($best, 0, self::NAMED)),
            );
        }
        $looks = array_values(array_filter($looks, static fn (Look $look): bool => $look->bits >= self::WORTH));
        usort($looks, static fn (Look $a, Look $b): int => [$b->bitsPerMinute(), $a->part] <=> [$a->bitsPerMinute(), $b->part]);

        return $looks;
    }

    /**
     * Those in the race and, last, the others together: how much of what was complained of each did, and what a look would show with it.
     *
     * @param array<int, float> $race
     *
     * @return array{list<float>, list<array<string, float>>} parts, that come to 1, and chances by condition
     */
    private static function rivals(Ground $pruned, Question $question, Answer $answer, array $race): array
    {
        $parts = $shown = $others = [];
        foreach ($answer->given as $origin => $with) {
            $share = $answer->posteriors[$origin];
            $parts[] = $part = $share * ($race[$origin] ?? 0.0);
            $shown[] = self::shown($pruned, $question, [$origin => 1.0] + $with);
            $without = [];
            foreach ($with as $node => $chance) {
                $without[$node] = min(1.0, max(0.0, ($answer->posteriors[$node] - $share * $chance) / (1.0 - $share)));
            }
            foreach (self::shown($pruned, $question, [$origin => 0.0] + $without) as $id => $chance) {
                $others[$id] = ($others[$id] ?? 0.0) + $part * $chance;
            }
        }
        $sum = array_sum($parts);
        if ($sum > 0.0) {
            $parts[] = max(self::OTHERS, 1.0 - $sum);
            $shown[] = array_map(static fn (float $chance): float => $chance / $sum, $others);
        }
        $all = array_sum($parts);

        return [array_map(static fn (float $part): float => $part / $all, $parts), $shown];
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
     * Mutual information between who did it and what a look shows, bits; given who did it, each condition shows on its own.
     *
     * @param list<float> $parts
     * @param list<array<string, float>> $shown
     * @param list<string> $conditions
     */
    private static function information(array $parts, array $shown, array $conditions): float
    {
        $outcomes = [$parts];
        foreach ($conditions as $id) {
            $next = [];
            foreach ($outcomes as $outcome) {
                $seen = $clean = [];
                foreach ($outcome as $i => $p) {
                    $seen[] = $p * $shown[$i][$id];
                    $clean[] = $p * (1.0 - $shown[$i][$id]);
                }
                array_push($next, $seen, $clean);
            }
            $outcomes = $next;
        }
        $bits = 0.0;
        foreach ($outcomes as $outcome) {
            $all = array_sum($outcome);
            foreach ($outcome as $i => $p) {
                $bits += $p > 0.0 ? $p * log($p / ($all * $parts[$i]), 2) : 0.0;
            }
        }

        return max(0.0, $bits);
    }
}
