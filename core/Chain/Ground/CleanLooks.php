<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Weights;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\FoundBy;
use Japhrex\Core\Damage\ModeCatalogue;

/** What was looked at and found clean speaks against every damage at that place that nobody saw there. */
final readonly class CleanLooks
{
    public function __construct(private ModeCatalogue $modes, private Weights $weights)
    {
    }

    /**
     * @param list<LookFact> $looks
     * @param array<string, Spot> $spots
     * @param array<string, Evidence> $seen what was seen, which no clean look takes back
     * @param callable(LookFact): list<string> $placesOf
     *
     * @return array<string, Evidence>
     */
    public function evidence(array $looks, array $spots, array $seen, callable $placesOf): array
    {
        $clean = [];
        foreach ($looks as $look) {
            $ofPart = null === $look->surface || $look->grade > 0;
            foreach (null === $look->surface && $look->grade > 0 ? [] : $placesOf($look) as $place) {
                foreach ($spots as $id => $spot) {
                    if (
                        'damage' === $spot->kind
                            && ($spot->place === $place || ($ofPart && $spot->place === $look->part))
                            && !isset($seen[$id])
                    ) {
                        $clean[$id] = max($clean[$id] ?? 0.0, $this->excludes($look, $spot));
                    }
                }
            }
        }
        $evidence = [];
        foreach (array_filter($clean) as $id => $by) {
            $said = $by < $spots[$id]->found ? 'looked over with the rest, not there' : 'looked, not there';
            $evidence[$id] = new Evidence($id, 1.0, 1.0 - $by, $said);
        }

        return $evidence;
    }

    /**
     * Chance that a look which found nothing would have found this damage, had it been there: whoever looked for one kind has not looked
     * for another, and what takes a glass, dye, a gauge or a hand is passed by with the eye alone more often than not.
     */
    private function excludes(LookFact $look, Spot $spot): float
    {
        if ('' !== $look->for && $look->for !== $spot->key) {
            return 0.0;
        }
        $foundBy = $this->modes->get($spot->key)->foundBy ?? ('worn' === $spot->key ? FoundBy::Gauge : FoundBy::Eye);

        $isPlain = FoundBy::Eye === $foundBy;

        return match (true) {
            // What debris is made of is told by itself.
            $look->grade > 0 => $isPlain && !str_starts_with($spot->key, DebrisKind::MODE)
                ? min($spot->found, $this->weights->beside)
                : 0.0,
            $look->swept => $isPlain ? min($spot->found, $this->weights->swept) : 0.0,
            FoundBy::Eye !== $look->how => $look->how === $foundBy ? max($spot->found, $this->weights->found) : $spot->found,
            default => $spot->found,
        };
    }
}
