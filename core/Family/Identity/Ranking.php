<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Family\Model;
use Japhrex\Core\Statistics\Special;

/**
 * Which model a unit is, by what was measured and seen of it. Before anything is known all models are alike, and so is
 * "none of these". Each feature multiplies a model's weight by how often it would be found so in that model; the plate is
 * a witness like the others. What a book does not say of a model speaks neither for nor against it.
 */
final readonly class Ranking
{
    /** A size is made and laid against by hand to this share of itself; guess: what workshops hold without a drawing. */
    private const MADE = 0.002;

    /** A part of another unit, or a slip of hand or pen, so often; guess. */
    private const SLIP = 0.02;

    /** A plate is that of another housing, or misread, so often; guess. */
    private const WRONG_PLATE = 0.1;

    /**
     * @param array<string, Feature> $features by key
     * @param list<Model> $models
     */
    public function __construct(private array $features, private array $models)
    {
    }

    /**
     * @param array<string, Value> $seen by key of the feature
     * @param string $plate maker and model on the plate; empty: it says nothing
     *
     * @return list<Candidate> best first; among them the one that is none of these
     */
    public function of(array $seen, string $plate = ''): array
    {
        $candidates = [];
        foreach ([...$this->models, null] as $model) {
            $fits = [];
            $weight = $this->ofPlate($model, $plate);
            foreach (array_intersect_key($seen, $this->features) as $key => $value) {
                $fit = $this->fit($this->features[$key], $value, $model);
                null === $model || $fits[] = $fit;
                $weight *= $fit->weight;
            }
            $candidates[] = new Candidate($model, $weight, $fits);
        }
        $all = array_sum(array_map(static fn (Candidate $one): float => $one->share, $candidates));
        $candidates = array_map(static fn (Candidate $one): Candidate => $one->of($all), $candidates);
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $b->share <=> $a->share);

        return $candidates;
    }

    private function ofPlate(?Model $model, string $plate): float
    {
        if ('' === trim($plate)) {
            return 1.0;
        }
        $named = array_filter($this->models, static fn (Model $one): bool => $one->isCalled($plate));
        $isNamed = [] === $named ? null === $model : true === $model?->isCalled($plate);

        return $isNamed ? 1 - self::WRONG_PLATE : self::WRONG_PLATE / max(1, \count($this->models));
    }

    private function fit(Feature $feature, Value $seen, ?Model $model): Fit
    {
        $told = $model->facts[$feature->fact] ?? '';
        $any = $this->anywhere($feature, $seen);
        if ('' === $told) {
            return new Fit($feature, $seen, null, $any, null);
        }
        try {
            $should = $feature->value($told);
        } catch (IdentityError) {
            return new Fit($feature, $seen, null, $any, null);
        }
        if (null === $seen->si || null === $should->si || !$feature->isSize()) {
            $is = $seen->is($should);

            return new Fit($feature, $seen, $should, $is ? 1 - self::SLIP + self::SLIP * $any : self::SLIP * $any, $is);
        }
        $sigma = hypot($seen->u, self::MADE * $should->si);
        $gone = Wear::Larger === $feature->wears ? $seen->si - $should->si : $should->si - $seen->si;
        $density = $this->density($gone, null === $feature->wears ? 0.0 : $feature->by, $sigma);

        return new Fit(
            $feature,
            $seen,
            $should,
            (1 - self::SLIP) * $density + self::SLIP * $any,
            $gone > -3 * $sigma && $gone < (null === $feature->wears ? 0.0 : $feature->by) + 3 * $sigma,
        );
    }

    /** Of a size that has moved by anything from nought to `by`, seen with an error of `sigma`. */
    private function density(float $gone, float $by, float $sigma): float
    {
        if ($by <= 0) {
            return exp(-0.5 * ($gone / $sigma) ** 2) / ($sigma * sqrt(2 * \M_PI));
        }
        $below = static fn (float $x): float => 0.5 * Special::erfc(-$x / \M_SQRT2);

        return ($below($gone / $sigma) - $below(($gone - $by) / $sigma)) / $by;
    }

    /** How often it would be found so in a unit of which nothing is known: a size within a factor two, one of what is known. */
    private function anywhere(Feature $feature, Value $seen): float
    {
        if ($feature->isSize() && null !== $seen->si) {
            return 1 / ($seen->si * log(4));
        }
        $known = [mb_strtolower($seen->typed) => true];
        $told = array_map(static fn (Model $one): string => $one->facts[$feature->fact] ?? '', $this->models);
        foreach ([...$feature->options, ...$told] as $words) {
            '' === $words || $known[mb_strtolower($words)] = true;
        }

        return 1 / (\count($known) + 1);
    }
}
