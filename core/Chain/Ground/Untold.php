<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Mechanism;
use Japhrex\Core\Chain\Mechanism\Rule;
use Japhrex\Core\Family\CarrierKind;

/**
 * Damage that was seen, laid to causes of its kind nearby, by mechanisms that hold only where their effect was seen. A rule that tells how
 * such damage comes about weighs far more; without any, the damage would rule out whatever no rule leads from, however near it lies.
 */
final readonly class Untold
{
    /** What is mistaken oftener than this, or only worked out, needs no cause; and a way fainter than this tells of none. */
    private const TRACE = 0.01;
    private const FAINT = 0.02;

    /** @param array<string, Mechanism> $mechanisms */
    public function __construct(private array $mechanisms, private CarrierPlaces $places)
    {
    }

    /**
     * @param array<string, Spot> $spots
     * @param array<string, Tie> $ties
     * @param array<string, Evidence> $seen
     *
     * @return iterable<Tie> from causes that the book knows there, to what was seen; none that rules lead from as surely
     */
    public function of(array $spots, array $ties, array $seen): iterable
    {
        $into = [];
        foreach ($ties as $tie) {
            $into[$tie->to][] = $tie;
        }
        foreach ($seen as $id => $evidence) {
            if (!$evidence->speaksFor() || 'damage' !== $spots[$id]->kind || $evidence->ifFalse > self::TRACE) {
                continue;
            }
            $told = self::leadingTo($id, $into);
            foreach ($this->rules($spots[$id]) as [$mechanism, $rule, $places]) {
                foreach ($this->laid($mechanism, $rule, $spots[$id], $places, $spots) as $tie) {
                    if (($told[$tie->from] ?? 0.0) < $tie->strength) {
                        yield $tie;
                    }
                }
            }
        }
    }

    /** @return iterable<array{Mechanism, Rule, array<string|int, true>}> rules that lead to such damage, and where they hold */
    private function rules(Spot $seen): iterable
    {
        foreach ($this->mechanisms as $mechanism) {
            foreach ($mechanism->whereSeen ? $mechanism->rules : [] as $rule) {
                if ($seen->key === $rule->then->key) {
                    $parts = array_map(CarrierPlaces::partOf(...), $this->places->where($rule->where));
                    yield [$mechanism, $rule, array_fill_keys($parts, true)];
                }
            }
        }
    }

    /**
     * How surely each condition leads to one, along the best of its ways.
     *
     * @param array<string, list<Tie>> $into
     *
     * @return array<string, float>
     */
    private static function leadingTo(string $id, array $into): array
    {
        $best = [$id => 1.0];
        for ($open = [$id]; [] !== $open;) {
            $at = array_shift($open);
            foreach ($into[$at] ?? [] as $tie) {
                $by = $best[$at] * $tie->strength;
                if ($by >= self::FAINT && $by > ($best[$tie->from] ?? 0.0)) {
                    $best[$tie->from] = $by;
                    $open[] = $tie->from;
                }
            }
        }

        return $best;
    }

    /**
     * @param array<string|int, true> $places where the rule holds
     * @param array<string, Spot> $spots
     *
     * @return iterable<Tie>
     */
    private function laid(Mechanism $mechanism, Rule $rule, Spot $seen, array $places, array $spots): iterable
    {
        $part = (string) $seen->part();
        foreach ('here' === $rule->then->relation ? [$part => ''] : $this->beside($part) as $at => $by) {
            foreach (isset($places[$at]) ? [(string) $at, null] : [] as $place) {
                $cause = Spot::idOf($rule->if->kind, $rule->if->key, $place);
                if (isset($spots[$cause])) {
                    yield new Tie($cause, $seen->id(), $mechanism->key, $rule->strength, $by, false);
                }
            }
        }
    }

    /** @return array<string, string> parts beside it => along what */
    private function beside(string $part): array
    {
        $beside = [];
        foreach ([CarrierKind::Touch, CarrierKind::Hold, CarrierKind::Drive, CarrierKind::Seal] as $kind) {
            $beside += array_fill_keys(array_keys($this->places->neighbours($kind, $part)), $kind->value);
        }

        return $beside;
    }
}
