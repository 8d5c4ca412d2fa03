<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** How it would have gone from one origin on. */
final readonly class Stories
{
    /** A step through what was looked for and not found is this much less likely; through damage that nobody has looked for, this much. */
    private const CLEAN = 0.1;
    private const UNSEEN = 0.3;

    /** @param list<string> $order the conditions of the ground, causes before their effects */
    private function __construct(private Ground $ground, public array $order)
    {
    }

    public static function of(Ground $ground): self
    {
        $network = $ground->question()->network;

        return new self($ground, array_map(static fn (int $node): string => $network->nodes[$node]->id, $network->order));
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
        foreach ($this->order as $id) {
            foreach (isset($best[$id]) ? $this->ground->outOf[$id] ?? [] : [] as $tie) {
                if (($this->ground->orders[$tie->to] ?? \PHP_INT_MAX) < $newest[$id]) {
                    continue;
                }
                $evidence = $this->ground->seen[$tie->to] ?? null;
                $unseen = 'damage' === $this->ground->spots[$tie->to]->kind ? self::UNSEEN : 1.0;
                $chance = $best[$id] * $tie->strength * (null === $evidence ? $unseen : ($evidence->speaksFor() ? 1.0 : self::CLEAN));
                if ($chance > ($best[$tie->to] ?? 0.0)) {
                    [$best[$tie->to], $came[$tie->to], $newest[$tie->to]] = [
                        $chance,
                        $tie,
                        max($newest[$id], $this->ground->orders[$tie->to] ?? 0),
                    ];
                }
            }
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
}
