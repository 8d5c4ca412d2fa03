<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** How it would have gone from one origin on. */
final readonly class Stories
{
    /** A step through what was looked for and not found is this much less likely; through damage that nobody has looked for, this much. */
    private const CLEAN = 0.1;
    private const UNSEEN = 0.3;

    /**
     * @param list<string> $order the conditions of the ground, causes before their effects
     * @param list<Tie> $back ties that were cut from a face to the one that harms it
     */
    private function __construct(private Ground $ground, public array $order, private array $back)
    {
    }

    public static function of(Ground $ground): self
    {
        $network = $ground->question()->network;

        return new self(
            $ground,
            array_map(static fn (int $node): string => $network->nodes[$node]->id, $network->order),
            array_values(array_filter($ground->cut, static fn (Tie $tie): bool => $ground->isMutual($tie))),
        );
    }

    /**
     * Chances of everything when this origin alone is there and nothing happens by itself, as the mechanisms carry it.
     *
     * @return array<string, float>
     */
    public function alone(string $origin): array
    {
        $chances = [];
        foreach ($this->order as $id) {
            $none = 1.0;
            foreach ($this->ground->into[$id] ?? [] as $tie) {
                $none *= 1.0 - $tie->strength * $chances[$tie->from];
            }
            $chances[$id] = $id === $origin ? 1.0 : 1.0 - $none;
        }
        foreach ($this->back as $tie) {
            $chances[$tie->to] = 1.0 - (1.0 - $chances[$tie->to]) * (1.0 - $tie->strength * $chances[$tie->from]);
        }

        return $chances;
    }

    /**
     * The likeliest way from an origin to each finding; ways that share their beginning are told once.
     *
     * @param list<string> $findings
     *
     * @return list<Tie>
     */
    public function from(string $origin, array $findings): array
    {
        $best = [$origin => 1.0];
        // What is known to be later is no cause of what is known to be earlier, however many steps lie between.
        $newest = [$origin => $this->ground->orders[$origin] ?? 0];
        $came = [];
        $this->walk($best, $newest, $came);
        // Where two faces harm each other it may also have begun at the second.
        $back = array_filter($this->back, static fn (Tie $tie): bool => isset($best[$tie->from]) && !isset($best[$tie->to]));
        foreach ($back as $tie) {
            $this->step($tie, $best, $newest, $came);
        }
        if ([] !== $back) {
            $this->walk($best, $newest, $came);
        }
        $story = [];
        foreach ($findings as $finding) {
            for ($at = $finding; isset($came[$at]) && !isset($story[$at]); $at = $came[$at]->from) {
                $story[$at] = $came[$at];
            }
        }
        $rank = array_flip($this->order);
        uasort($story, static fn (Tie $a, Tie $b): int => [$rank[$a->from], $rank[$a->to]] <=> [$rank[$b->from], $rank[$b->to]]);

        return array_values($story);
    }

    /**
     * @param array<string, float> $best
     * @param array<string, int> $newest
     * @param array<string, Tie> $came
     */
    private function walk(array &$best, array &$newest, array &$came): void
    {
        foreach ($this->order as $id) {
            foreach (isset($best[$id]) ? $this->ground->outOf[$id] ?? [] : [] as $tie) {
                $this->step($tie, $best, $newest, $came);
            }
        }
    }

    /**
     * @param array<string, float> $best
     * @param array<string, int> $newest
     * @param array<string, Tie> $came
     */
    private function step(Tie $tie, array &$best, array &$newest, array &$came): void
    {
        if (($this->ground->orders[$tie->to] ?? \PHP_INT_MAX) < $newest[$tie->from]) {
            return;
        }
        $evidence = $this->ground->seen[$tie->to] ?? null;
        $unseen = 'damage' === $this->ground->spots[$tie->to]->kind ? self::UNSEEN : 1.0;
        $chance = $best[$tie->from] * $tie->strength * (null === $evidence ? $unseen : ($evidence->speaksFor() ? 1.0 : self::CLEAN));
        if ($chance > ($best[$tie->to] ?? 0.0)) {
            $best[$tie->to] = $chance;
            $came[$tie->to] = $tie;
            $newest[$tie->to] = max($newest[$tie->from], $this->ground->orders[$tie->to] ?? 0);
        }
    }
}
