<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Condition;
use Japhrex\Core\Chain\Inference\Network;
use Japhrex\Core\Chain\Inference\Question;
use Japhrex\Core\Chain\Mechanism\Weights;

/** A book and a case as a network: its conditions, what ties them, what was cut, what was seen. */
final readonly class Ground
{
    /** @var array<string, list<Tie>> ties by the condition that they lead to */
    public array $into;

    /** @var array<string, list<Tie>> ties by the condition that they start from */
    public array $outOf;

    /**
     * @param array<string, Spot> $spots by id
     * @param list<Tie> $ties
     * @param list<Tie> $cut ties that would have closed a loop
     * @param array<string, Evidence> $seen by spot
     * @param array<string, string> $barred ties that do not hold in this case => why
     * @param array<string, int> $orders spots of which it is known when they happened: 1 before 2
     * @param Weights|null $weights by which it was written; null: by hand
     * @param bool $cameApart the unit came stripped or washed: what lay where cannot be seen any more
     */
    public function __construct(
        public array $spots,
        public array $ties,
        public array $cut,
        public array $seen,
        public array $barred = [],
        public array $orders = [],
        public ?Weights $weights = null,
        public bool $cameApart = false,
    ) {
        $into = $outOf = [];
        foreach ($ties as $tie) {
            $into[$tie->to][] = $tie;
            $outOf[$tie->from][] = $tie;
        }
        [$this->into, $this->outOf] = [$into, $outOf];
    }

    /** Was this tie cut because the face that it leads to harms the other too, both being hurt? */
    public function isMutual(Tie $cut): bool
    {
        foreach ([$cut->from, $cut->to] as $id) {
            if ('damage' !== $this->spots[$id]->kind || true !== ($this->seen[$id] ?? null)?->speaksFor()) {
                return false;
            }
        }
        foreach ($this->into[$cut->from] ?? [] as $tie) {
            if ($tie->from === $cut->to) {
                return true;
            }
        }

        return false;
    }

    /**
     * Narrow enough to be answered exactly.
     *
     * @return array{self, float} with the weakest bridge that it holds
     */
    public function pruned(): array
    {
        $missed = Missed::of($this->spots, $this->ties, $this->seen);
        [$spots, $all] = Together::of($missed->spots, $missed->ties);
        [$ties, $weakest] = Pruning::of($spots, $all, $missed->seen);
        $pruned = new self($spots, $ties, $this->cut, $missed->seen, $this->barred, $this->orders);

        return [Mutual::of($pruned, Pruning::WIDTH), $weakest];
    }

    /** As a question for the inference: the chances of what leads to what was seen, and of all origins. */
    public function question(): Question
    {
        $index = array_flip(array_keys($this->spots));
        $nodes = [];
        foreach ($this->spots as $id => $spot) {
            $causes = [];
            foreach ($this->into[$id] ?? [] as $tie) {
                // Several mechanisms from one cause to one effect: each may fail on its own.
                $before = $causes[$index[$tie->from]] ?? 0.0;
                $causes[$index[$tie->from]] = 1.0 - (1.0 - $before) * (1.0 - $tie->strength);
            }
            $nodes[] = new Condition($id, $spot->kind, $spot->leak, $causes);
        }
        $seen = [];
        foreach ($this->seen as $id => $evidence) {
            $seen[$index[$id]] = [$evidence->ifFalse, $evidence->ifTrue];
        }

        return new Question(new Network($nodes), $seen, [], null, weigh: [], asked: []);
    }
}
