<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Importance sampling where no exact order is narrow enough. Each node is drawn given its causes and what the approximate beliefs say of
 * all
 * below it; drawn from the priors alone, samples would hardly ever agree with rare findings. Seeded: the same network, the same answer.
 */
final readonly class Sampling
{
    /** With fewer effective samples no ranking is stated. */
    public const ENOUGH = 400;

    public const SEED = 20261126;
    private const BATCH = 2_000;
    private const WANTED = 10_000;
    private const MOST = 60_000;

    /** Share that is drawn from the network alone, so that nothing possible is never drawn. */
    private const PLAIN = 0.03;

    /** Numbers of the Mersenne twister are below this. */
    private const RANGE = 2147483648.0;

    /** @throws InferenceError if no sample agrees with the evidence */
    public static function answer(Question $question): Answer
    {
        $network = $question->network;
        $relevant = $network->ancestors(array_keys($question->seen));
        $beliefs = new Beliefs($question, $relevant);
        $random = new Randomizer(new Mt19937(self::SEED));
        $logs = [];
        $drawn = [];
        $drew = 0;
        do {
            for ($i = 0; $i < self::BATCH; ++$i, ++$drew) {
                [$log, $true] = self::draw($question, $relevant, $beliefs, $random);
                if (-\INF !== $log) {
                    $logs[] = $log;
                    $drawn[] = $true;
                }
            }
            $top = [] === $logs ? 0.0 : max($logs);
            $weights = array_map(static fn (float $log): float => exp($log - $top), $logs);
            $sum = array_sum($weights);
            $squares = array_sum(array_map(static fn (float $w): float => $w * $w, $weights));
            $effective = $squares > 0.0 ? $sum * $sum / $squares : 0.0;
        } while ($effective < self::WANTED && $drew < self::MOST);
        if (!($sum > 0.0)) {
            throw new InferenceError(
                \sprintf(
                    'None of %d samples agrees with the evidence: it cannot happen, or hardly. Write what is certain as likely '
                        .'instead, and look at findings that contradict each other.',
                    $drew,
                )
            );
        }
        $count = array_fill(0, \count($network->nodes), 0.0);
        foreach ($drawn as $i => $true) {
            foreach ($true as $node) {
                $count[$node] += $weights[$i];
            }
        }
        $posteriors = array_map(static fn (float $w): float => min(1.0, $w / $sum), $count);
        $errors = array_fill(0, \count($posteriors), 0.0);
        foreach ($drawn as $i => $true) {
            $square = $weights[$i] * $weights[$i];
            foreach ($true as $node) {
                // (1 − p)² instead of the p² that all samples give.
                $errors[$node] += $square * (1.0 - 2.0 * $posteriors[$node]);
            }
        }
        foreach ($errors as $node => $error) {
            // Never less than as many independent samples would have; what none of them shows may still be one in as many.
            $p = $posteriors[$node];
            $errors[$node] = max(sqrt(max(0.0, $error + $squares * $p ** 2)) / $sum, sqrt($p * (1.0 - $p) / $effective), 1.0 / $effective);
        }
        $note = 'No order of elimination is narrow enough, so this is sampled; weights of findings and next checks are left out.';
        if ($effective < self::ENOUGH) {
            $note .= \sprintf(' With %d effective samples, fewer than %d, no ranking is stated.', (int) $effective, self::ENOUGH);
        }

        return new Answer(
            Answer::SAMPLED,
            $top + log($sum / $drew),
            $posteriors,
            [],
            null,
            new Sampled($drew, $effective, self::SEED, $errors),
            $note,
        );
    }

    /**
     * @param array<int, true> $relevant
     *
     * @return array{float, list<int>} ln of its weight, and what is true in it
     */
    private static function draw(Question $question, array $relevant, Beliefs $beliefs, Randomizer $random): array
    {
        $state = [];
        $true = [];
        $weight = 1.0;
        $log = 0.0;
        foreach ($question->network->order as $node) {
            $chance = $question->network->nodes[$node]->chance($state);
            if (!isset($relevant[$node])) {
                $state[$node] = $random->nextInt() / self::RANGE < $chance;
            } else {
                $below = $beliefs->below[$node];
                $all = (1.0 - $chance) * (1.0 - $below) + $chance * $below;
                $drawn = $all > 0.0 ? (1.0 - self::PLAIN) * $chance * $below / $all + self::PLAIN * $chance : $chance;
                $seen = $question->seen[$node] ?? [1.0, 1.0];
                $drawn = 0.0 === $seen[0] ? 1.0 : (0.0 === $seen[1] ? 0.0 : $drawn);
                $state[$node] = $random->nextInt() / self::RANGE < $drawn;
                $weight *= $state[$node] ? $chance * $seen[1] / $drawn : (1.0 - $chance) * $seen[0] / (1.0 - $drawn);
                if (0.0 === $weight) {
                    return [-\INF, []];
                }
                if ($weight < 1e-100 || $weight > 1e100) {
                    $log += log($weight);
                    $weight = 1.0;
                }
            }
            if ($state[$node]) {
                $true[] = $node;
            }
        }

        return [$log + log($weight), $true];
    }
}
