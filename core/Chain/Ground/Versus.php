<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/**
 * Two origins beside each other: each by itself, as the mechanisms carry it, makes each find so likely or so unlikely. What parts them is
 * told in decibans, 10·log₁₀ of the one likelihood over the other.
 */
final readonly class Versus
{
    /** A find that tells less than this says nothing between them, decibans; a look that finds it not so much oftener, neither. */
    private const TELLS = 1.0;
    private const APART = 0.2;

    /**
     * @param array<string, float> $for finds that speak for the first of both, the strongest first => decibans
     * @param array<string, float> $against finds that speak against it, as their size
     * @param ?Spot $look damage that nobody has looked for yet and that would part them best; null: none would
     * @param float $first chance that the look finds it, were it the first
     * @param float $second chance that the look finds it, were it the other
     */
    private function __construct(
        public array $for,
        public array $against,
        public ?Spot $look,
        public float $first,
        public float $second,
    ) {
    }

    /**
     * @param array<string, float> $one chance of each condition with the one origin alone
     * @param array<string, float> $two the same with the other
     */
    public static function of(Ground $ground, array $one, array $two): self
    {
        $for = $against = [];
        foreach ($ground->seen as $id => $evidence) {
            $leak = $ground->spots[$id]->leak;
            $likely = static function (float $alone) use ($evidence, $leak): float {
                $there = 1.0 - (1.0 - $leak) * (1.0 - $alone);

                return $there * $evidence->ifTrue + (1.0 - $there) * $evidence->ifFalse;
            };
            $decibans = 10.0 * log10(max(1e-9, $likely($one[$id])) / max(1e-9, $likely($two[$id])));
            if (abs($decibans) >= self::TELLS) {
                $decibans > 0.0 ? $for[$id] = $decibans : $against[$id] = -$decibans;
            }
        }
        arsort($for);
        arsort($against);
        $look = null;
        $apart = self::APART;
        foreach ($ground->spots as $id => $spot) {
            $by = abs($one[$id] - $two[$id]) * $spot->found;
            if ('damage' === $spot->kind && !isset($ground->seen[$id]) && $by > $apart) {
                [$look, $apart] = [$spot, $by];
            }
        }

        return new self($for, $against, $look, null === $look ? 0.0 : $one[$look->id()], null === $look ? 0.0 : $two[$look->id()]);
    }
}
