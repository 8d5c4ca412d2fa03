<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** What each finding weighs for each origin. */
final readonly class Weights
{
    /**
     * @param Pass $base all findings together
     * @param array<int, true> $relevant nodes that findings can move
     * @param array<int, float> $posteriors
     */
    public function __construct(
        private Question $question,
        private Tree $tree,
        private Pass $base,
        private array $relevant,
        private array $posteriors,
    ) {
    }

    /**
     * For each origin: 10·log₁₀ of its odds with a finding over its odds without it, all others kept.
     *
     * @return array<int, Weighed> by origin
     */
    public function weigh(): array
    {
        $origins = array_filter(
            $this->question->weighFor ?? $this->question->network->origins(),
            fn (int $origin): bool => !isset($this->question->certain[$origin]),
        );
        $for = $against = array_fill_keys($origins, []);
        foreach ($this->question->weigh ?? array_keys($this->question->seen) as $finding) {
            $odds = $this->oddsWithout($finding, $origins);
            foreach ($origins as $origin) {
                if (!isset($this->relevant[$origin])) {
                    if (0.0 === $this->posteriors[$origin] || 1.0 === $this->posteriors[$origin]) {
                        $for[$origin][$finding] = null;
                    }
                    continue;
                }
                [$false, $true] = $this->odds($this->tree->factors, $this->base, $origin);
                [$wasFalse, $wasTrue] = $odds[$origin];
                $with = $true * $wasFalse;
                $without = $wasTrue * $false;
                if ($with > 0.0 && $without > 0.0) {
                    $bans = 10.0 * log10($with / $without);
                    if (abs($bans) > 1e-9) {
                        $bans > 0 ? $for[$origin][$finding] = $bans : $against[$origin][$finding] = -$bans;
                    }
                } else {
                    $without > 0.0 ? $against[$origin][$finding] = null : $for[$origin][$finding] = null;
                }
            }
        }

        $weights = [];
        foreach ($origins as $origin) {
            $weights[$origin] = new Weighed($for[$origin], $against[$origin]);
        }

        return $weights;
    }

    /**
     * @param array<int> $origins
     *
     * @return array<int, array{float, float}> origin => weights of false and true
     */
    private function oddsWithout(int $finding, array $origins): array
    {
        if (isset($this->tree->factors->leaves[$finding])) {
            $factors = $this->tree->factors;
            $pass = $this->tree->pass($finding, [], $this->free($factors, $origins));
        } else {
            // It stood between others: without it the network is another one.
            $question = $this->question->without($finding);
            $tree = Model::tree($question, $this->relevant);
            $tree = null === $tree ? null : Model::sure($question, $this->relevant, $tree);
            if (null === $tree) {
                return array_fill_keys($origins, [0.0, 0.0]);
            }
            [$pass, $factors] = [$tree->pass(wanted: $this->free($tree->factors, $origins)), $tree->factors];
        }
        $odds = [];
        foreach ($origins as $origin) {
            $known = isset($factors->known[$origin]) && $origin === $finding;
            $prior = $this->question->network->nodes[$origin]->leak;
            $odds[$origin] = !isset($this->relevant[$origin])
                ? [1.0, 1.0]
                : ($known ? [1.0 - $prior, $prior] : $this->odds($factors, $pass, $origin));
        }

        return $odds;
    }

    /**
     * @param array<int> $origins
     *
     * @return list<int> those of which the tree has to say something
     */
    private function free(Factors $factors, array $origins): array
    {
        return array_values(array_filter(
            $origins,
            fn (int $origin): bool => isset($this->relevant[$origin]) && !isset($factors->known[$origin]),
        ));
    }

    /** @return array{float, float} */
    private function odds(Factors $factors, Pass $pass, int $node): array
    {
        if (isset($factors->known[$node])) {
            return 0.0 === $this->question->seen[$node][0] ? [0.0, 1.0] : [1.0, 0.0];
        }
        [$false, $true] = $pass->weights[$node];
        [$false, $true] = [max(0.0, $false), max(0.0, $true)];

        return [$false / ($false + $true), $true / ($false + $true)];
    }
}
