<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Answer;
use Japhrex\Core\Chain\Inference\Inference;
use Japhrex\Core\Chain\Inference\Question;
use Japhrex\Core\Chain\Inference\Weighed;
use Japhrex\Core\Family\Book;

/** What the network of a case says: candidates with their stories, and what to look at next. */
final readonly class Analysis
{
    /** So many times likelier with the origin than without counts as explained, where it is as likely as this at all. */
    private const EXPLAINS = 5.0;
    private const AT_ALL = 0.03;

    /** A clean look where the origin would leave damage at least this likely contradicts it. */
    private const CONTRADICTS = 0.7;

    /** So likely an origin is there, though it did less than that of any complaint: real, but beside it. */
    private const REAL = 0.5;
    private const BESIDE = 0.1;

    /** So many other ends of a story are named. */
    private const TOLD_AS_WELL = 2;

    /** So many finds are weighed, those that can tell most, and for so many origins, those that did most. */
    private const FINDS = 12;
    public const WEIGHED = 8;

    /**
     * @param list<Look> $looks what to look at next, the most for its minutes first
     */
    private function __construct(
        public Ground $ground,
        public Question $question,
        public Answer $answer,
        public float $weakest,
        public array $looks,
        private Doing $doing,
        private Stories $stories,
    ) {
    }

    /** @param array<string, float> $minutes part => minutes until it can be looked at */
    public static function of(Ground $ground, array $minutes = []): self
    {
        [$pruned, $weakest] = $ground->pruned();
        $plain = $pruned->question();
        $inference = Inference::of($plain);
        $doing = Doing::of($pruned, $plain, $inference->posteriors());
        $race = [] === $minutes ? [] : $doing->race();
        $finds = array_map(static fn (string $id): int => $plain->network->index[$id], self::telling($pruned));
        $question = $plain->asking($finds, \array_slice($doing->ranked(), 0, self::WEIGHED), array_keys($race));
        $answer = $inference->then($question);

        return new self(
            $ground,
            $question,
            $answer,
            $weakest,
            [] === $minutes ? [] : Looks::of($pruned, $question, $answer, $minutes, $race),
            $doing,
            Stories::of($ground),
        );
    }

    /** @return list<string> what was complained of, by id */
    public function complaints(): array
    {
        return array_values(array_filter($this->doing->effects, fn (string $id): bool => 'complaint' === $this->ground->spots[$id]->kind));
    }

    /** @return list<Candidate> those first that brought most of the complaints about, given all that was seen; then the likeliest */
    public function candidates(int $most = 8): array
    {
        $ranked = $this->doing->ranked();
        $parts = array_map($this->doing->part(...), $ranked);
        // A complaint without a find is told as it is: nothing is known of how often that is right.
        $said = null === $this->ground->weights || 0 === $this->finds() ? $parts : Tempered::of($parts, $this->ground->weights);

        return array_map($this->candidate(...), \array_slice($ranked, 0, $most), \array_slice($said, 0, $most));
    }

    /** How much damage was seen. */
    public function finds(): int
    {
        return \count(array_filter(
            $this->ground->seen,
            fn (Evidence $one): bool => $one->speaksFor() && 'damage' === $this->ground->spots[$one->spot]->kind,
        ));
    }

    /** @return list<Spot> origins that are likely there, and that nothing complained of needs: real, but beside it */
    public function beside(): array
    {
        $beside = [];
        foreach ($this->answer->candidates($this->question) as $origin) {
            if ($this->answer->posteriors[$origin] >= self::REAL && $this->doing->part($origin) < self::BESIDE) {
                $beside[] = $this->ground->spots[$this->question->network->nodes[$origin]->id];
            }
        }

        return $beside;
    }

    /**
     * What the finds say as a whole.
     *
     * @param list<Candidate> $candidates the first of them first
     */
    public function concludes(array $candidates, Book $book): Conclusion
    {
        return Conclusion::of($this, $candidates, $book);
    }

    /**
     * Candidates that tell the same finds as the first, and are not much less likely: what happened may have happened in either order.
     *
     * @param list<Candidate> $candidates those first that did most
     *
     * @return list<ToldAsWell> with what to look for, and how surely each would leave it
     */
    public function toldAsWell(array $candidates): array
    {
        $told = [];
        foreach (\array_slice($candidates, 1) as $other) {
            if (
                \count($told) >= self::TOLD_AS_WELL
                    || \count($candidates[0]->explains) < 2
                    || $other->posterior * Rivals::FACTOR < $candidates[0]->posterior
                    || [] !== array_diff($candidates[0]->explains, $other->explains)
            ) {
                continue;
            }
            $told[] = new ToldAsWell($other, $this->versus($candidates[0]->origin, $other->origin));
        }

        return $told;
    }

    /** What parts two origins: the finds that there are, and the look that would. */
    public function versus(Spot $one, Spot $two): Versus
    {
        return Versus::of($this->ground, $this->stories->alone($one->id()), $this->stories->alone($two->id()));
    }

    /** What the network says of one origin, however unlikely it is; null: it has no such origin. */
    public function theory(string $origin): ?Candidate
    {
        $node = $this->question->network->index[$origin] ?? null;

        return null === $node || 'origin' !== ($this->ground->spots[$origin]->kind ?? '') ? null : $this->candidate($node);
    }

    /**
     * What the likeliest origins would bring about, each by itself: 1 − Π(1 − share · chance of it under that origin alone).
     *
     * @return array<string, float> by condition
     */
    public function expected(int $most = 8): array
    {
        $none = array_fill_keys($this->stories->order, 1.0);
        foreach ($this->candidates($most) as $one) {
            foreach ($this->stories->alone($one->origin->id()) as $id => $chance) {
                $none[$id] *= 1.0 - $one->posterior * $chance;
            }
        }

        return array_map(static fn (float $chance): float => 1.0 - $chance, $none);
    }

    private function candidate(int $node, float $said = 0.0): Candidate
    {
        $id = $this->question->network->nodes[$node]->id;
        $alone = $this->stories->alone($id);
        $explains = $leaves = $contradicts = [];
        foreach ($this->ground->seen as $finding => $evidence) {
            $kind = $this->ground->spots[$finding]->kind;
            if ('damage' !== $kind && 'complaint' !== $kind) {
                continue;
            }
            if ($evidence->speaksFor()) {
                $leak = $this->ground->spots[$finding]->leak;
                $likely = 1.0 - (1.0 - $leak) * (1.0 - $alone[$finding]);
                $likely >= max(self::AT_ALL, self::EXPLAINS * $leak) ? $explains[] = $finding : $leaves[] = $finding;
            } elseif ($alone[$finding] >= self::CONTRADICTS) {
                $contradicts[] = $finding;
            }
        }
        $weights = $this->answer->weights[$node] ?? new Weighed();

        return new Candidate(
            $this->ground->spots[$id],
            $this->answer->posteriors[$node],
            $this->named($weights->for),
            $this->named($weights->against),
            $explains,
            $leaves,
            $contradicts,
            $this->stories->from($id, $explains),
            $this->doing->by($node),
            $this->doing->part($node),
            $said,
        );
    }

    /**
     * Finds worth weighing: what was seen, then clean looks where something strong should have left damage.
     *
     * @return list<string>
     */
    private static function telling(Ground $pruned): array
    {
        $weight = [];
        foreach ($pruned->seen as $id => $evidence) {
            $weight[$id] = $evidence->speaksFor()
                ? 2.0
                : max([0.0, ...array_map(static fn (Tie $tie): float => $tie->strength, $pruned->into[$id] ?? [])]);
        }
        arsort($weight);

        return \array_slice(array_keys($weight), 0, self::FINDS);
    }

    /**
     * @param array<int, float|null> $weights
     *
     * @return array<string, float|null>
     */
    private function named(array $weights): array
    {
        $named = [];
        foreach ($weights as $node => $bans) {
            $named[$this->question->network->nodes[$node]->id] = $bans;
        }
        arsort($named);

        return $named;
    }
}
