<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Answer;
use Japhrex\Core\Chain\Inference\Brought;
use Japhrex\Core\Chain\Inference\Inference;
use Japhrex\Core\Chain\Inference\Question;

/** What the network of a case says: candidates with their stories, and what to look at next. */
final readonly class Analysis
{
    /** So many times likelier with the origin than without counts as explained. */
    private const EXPLAINS = 5.0;

    /** A clean look where the origin would leave damage at least this likely contradicts it. */
    private const CONTRADICTS = 0.7;

    /** A step through what was looked for and not found is this much less likely; through damage that nobody has looked for, this much. */
    private const CLEAN = 0.1;
    private const UNSEEN = 0.3;

    /** A share below which a candidate is not told, and one below which even the first says nothing. */
    private const TOLD = 0.02;
    private const DETERMINED = 0.1;

    /** So much of a complaint is one origin's doing where it is decided; a theory that did less than this share of the first is refuted. */
    private const DECIDED = 0.5;
    private const REFUTED = 0.2;

    /** So likely an origin is there, though it did less than that of any complaint: real, but beside it. */
    private const REAL = 0.5;
    private const BESIDE = 0.1;

    /** So many other ends of a story are named. */
    private const TOLD_AS_WELL = 2;

    /** So many finds are weighed: those that can tell most. */
    private const FINDS = 40;

    /**
     * @param list<string> $order the conditions of the ground, causes before their effects
     * @param list<Look> $looks what to look at next, the most for its minutes first
     * @param array<int, string> $effects what was complained of, or where nothing was, the damage that was seen: node => id
     */
    private function __construct(
        public Ground $ground,
        private array $order,
        public Question $question,
        public Answer $answer,
        public float $weakest,
        public array $looks,
        private Brought $brought,
        private array $effects,
    ) {
    }

    /** @param array<string, float> $minutes part => minutes until it can be looked at */
    public static function of(Ground $ground, array $minutes = []): self
    {
        [$pruned, $weakest] = $ground->pruned();
        $plain = $pruned->question([]);
        $posteriors = Inference::answer($plain)->posteriors;
        $effects = self::effects($pruned, $plain);
        $brought = Brought::of($plain, array_keys($effects), $posteriors);
        $race = [] === $minutes ? [] : self::race($plain, $brought, $posteriors);
        $nodeOf = static fn (int $node): string => $plain->network->nodes[$node]->id;
        $question = $pruned->question(self::telling($pruned), array_map($nodeOf, array_keys($race)));
        $answer = Inference::answer($question);
        $whole = $ground->question()->network;

        return new self(
            $ground,
            array_map(static fn (int $node): string => $whole->nodes[$node]->id, $whole->order),
            $question,
            $answer,
            $weakest,
            [] === $minutes ? [] : Looks::of($pruned, $question, $answer, $minutes, $race, self::atParts($plain, $brought, $ground)),
            $brought,
            $effects,
        );
    }

    /**
     * Origins between which a look has to tell: those that did something, the most first. Only they are asked about once more, each at the
     * price of a pass.
     *
     * @param array<int, float> $posteriors
     *
     * @return array<int, float> origin => how much of it matters to what was complained of: its part over its chance
     */
    private static function race(Question $question, Brought $brought, array $posteriors): array
    {
        $parts = [];
        foreach ($question->network->origins() as $origin) {
            $part = self::mean($brought, $origin);
            if ($part >= Looks::LEAST && $posteriors[$origin] > 0.0 && $posteriors[$origin] < 1.0) {
                $parts[$origin] = $part;
            }
        }
        arsort($parts);
        $race = [];
        foreach (\array_slice($parts, 0, Looks::RIVALS, true) as $origin => $part) {
            $race[$origin] = min(1.0, $part / $posteriors[$origin]);
        }

        return $race;
    }

    /** @return array<string, float> part => how much of what was complained of started there */
    private static function atParts(Question $question, Brought $brought, Ground $ground): array
    {
        $at = [];
        foreach ($question->network->origins() as $origin) {
            $part = $ground->spots[$question->network->nodes[$origin]->id]->part();
            if (null !== $part) {
                $at[$part] = ($at[$part] ?? 0.0) + self::mean($brought, $origin);
            }
        }

        return $at;
    }

    private static function mean(Brought $brought, int $origin): float
    {
        $parts = array_map(static fn (array $by): float => $by[$origin] ?? 0.0, $brought->by);

        return [] === $parts ? 0.0 : array_sum($parts) / \count($parts);
    }

    /** @return array<int, string> node => id */
    private static function effects(Ground $ground, Question $question): array
    {
        foreach (['complaint', 'damage'] as $kind) {
            $effects = [];
            foreach ($ground->seen as $id => $evidence) {
                if ($kind === $ground->spots[$id]->kind && $evidence->speaksFor()) {
                    $effects[$question->network->index[$id]] = $id;
                }
            }
            if ([] !== $effects) {
                return $effects;
            }
        }

        return [];
    }

    /** @return list<string> what was complained of, by id */
    public function complaints(): array
    {
        return array_values(array_filter($this->effects, fn (string $id): bool => 'complaint' === $this->ground->spots[$id]->kind));
    }

    /** How much of what was complained of an origin brought about, on the mean over the complaints. */
    private function part(int $origin): float
    {
        return self::mean($this->brought, $origin);
    }

    /** @return list<Candidate> those first that brought most of the complaints about, given all that was seen; then the likeliest */
    public function candidates(int $most = 8): array
    {
        return array_map($this->candidate(...), \array_slice($this->ranked(), 0, $most));
    }

    /** @return list<int> origins */
    private function ranked(): array
    {
        $origins = $this->answer->candidates($this->question);
        $parts = array_map($this->part(...), array_combine($origins, $origins));
        // What no draw has needed stands behind, in the order of its chance.
        usort($origins, fn (int $a, int $b): int => [$parts[$b], $this->answer->posteriors[$b], $a]
            <=> [$parts[$a], $this->answer->posteriors[$a], $b]);

        return $origins;
    }

    /** @return list<Spot> origins that are likely there, and that nothing complained of needs: real, but beside it */
    public function beside(): array
    {
        $beside = [];
        foreach ($this->answer->candidates($this->question) as $origin) {
            if ($this->answer->posteriors[$origin] >= self::REAL && $this->part($origin) < self::BESIDE) {
                $beside[] = $this->ground->spots[$this->question->network->nodes[$origin]->id];
            }
        }

        return $beside;
    }

    /**
     * What the finds say as a whole: decided where for each complaint one origin did most of it, else open.
     *
     * @param list<Candidate> $candidates the first of them first
     */
    public function says(array $candidates): Says
    {
        foreach ($this->effects as $id) {
            $best = max([0.0, ...array_map(static fn (Candidate $one): float => $one->brought[$id] ?? 0.0, $candidates)]);
            if ($best < self::DECIDED) {
                return Says::Open;
            }
        }

        return self::isUndetermined($candidates) ? Says::Open : Says::Decided;
    }

    /**
     * What the finds say of somebody's theory.
     *
     * @param list<Candidate> $candidates the first of them first
     */
    public function answered(Candidate $theory, array $candidates): TheoryAnswer
    {
        $first = $candidates[0]->part ?? 0.0;

        return match (true) {
            $theory->part >= self::DECIDED || ($theory->part >= 0.9 * $first && $first >= self::DETERMINED) => TheoryAnswer::Supported,
            $theory->part < self::REFUTED * max($first, self::DETERMINED) => TheoryAnswer::Refuted,
            default => TheoryAnswer::Open,
        };
    }

    /**
     * Those that are worth telling: likely enough and explaining something; the first stands in any case.
     *
     * @param list<Candidate> $candidates the likeliest first
     *
     * @return list<Candidate>
     */
    public static function worthTelling(array $candidates): array
    {
        return array_values(
            array_filter(
                $candidates,
                static fn (Candidate $one, int $i): bool => 0 === $i || ($one->posterior >= self::TOLD && [] !== $one->explains),
                \ARRAY_FILTER_USE_BOTH,
            )
        );
    }

    /**
     * The likeliest of those whose own story tells as much of what was found as any, or one find less. What speaks against
     * a story is in its chance already.
     *
     * @param list<Candidate> $candidates the likeliest first
     */
    public static function singleStory(array $candidates): ?Candidate
    {
        $most = max([0, ...array_map(static fn (Candidate $one): int => \count($one->explains), $candidates)]);
        foreach ($candidates as $one) {
            if ([] !== $one->explains && \count($one->explains) >= $most - 1) {
                return $one;
            }
        }

        return null;
    }

    /** @param list<Candidate> $candidates the likeliest first */
    public static function isUndetermined(array $candidates): bool
    {
        return [] === $candidates || $candidates[0]->posterior < self::DETERMINED || [] === $candidates[0]->explains;
    }

    /**
     * Candidates that tell the same finds as the first, and are not much less likely: what happened may have happened in either order.
     *
     * @param list<Candidate> $candidates the likeliest first
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
            [$one, $two] = [$this->alone($candidates[0]->origin->id()), $this->alone($other->origin->id())];
            $look = null;
            $apart = 0.2;
            foreach ($this->ground->spots as $id => $spot) {
                $by = abs($one[$id] - $two[$id]) * $spot->found;
                if ('damage' === $spot->kind && !isset($this->ground->seen[$id]) && $by > $apart) {
                    [$look, $apart] = [$spot, $by];
                }
            }
            $told[] = new ToldAsWell(
                $other,
                $look,
                null === $look ? 0.0 : $one[$look->id()],
                null === $look ? 0.0 : $two[$look->id()],
            );
        }

        return $told;
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
        $none = array_fill_keys($this->order, 1.0);
        foreach ($this->candidates($most) as $one) {
            foreach ($this->alone($one->origin->id()) as $id => $chance) {
                $none[$id] *= 1.0 - $one->posterior * $chance;
            }
        }

        return array_map(static fn (float $chance): float => 1.0 - $chance, $none);
    }

    private function candidate(int $node): Candidate
    {
        $id = $this->question->network->nodes[$node]->id;
        $alone = $this->alone($id);
        $explains = $leaves = $contradicts = [];
        foreach ($this->ground->seen as $finding => $evidence) {
            $kind = $this->ground->spots[$finding]->kind;
            if ('damage' !== $kind && 'complaint' !== $kind) {
                continue;
            }
            if ($evidence->speaksFor()) {
                $leak = $this->ground->spots[$finding]->leak;
                1.0 - (1.0 - $leak) * (1.0 - $alone[$finding]) >= self::EXPLAINS * $leak ? $explains[] = $finding : $leaves[] = $finding;
            } elseif ($alone[$finding] >= self::CONTRADICTS) {
                $contradicts[] = $finding;
            }
        }
        $weights = $this->answer->weights[$node] ?? ['for' => [], 'against' => []];

        return new Candidate(
            $this->ground->spots[$id],
            $this->answer->posteriors[$node],
            $this->named($weights['for']),
            $this->named($weights['against']),
            $explains,
            $leaves,
            $contradicts,
            $this->story($id, $explains),
            $this->broughtBy($node),
            $this->part($node),
        );
    }

    /** @return array<string, float> by effect */
    private function broughtBy(int $origin): array
    {
        $by = [];
        foreach ($this->effects as $effect => $id) {
            $by[$id] = $this->brought->by[$effect][$origin] ?? 0.0;
        }

        return $by;
    }

    /**
     * Chances of everything when this origin alone is there and nothing happens by itself, as the mechanisms carry it.
     *
     * @return array<string, float>
     */
    private function alone(string $origin): array
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
    private function story(string $origin, array $findings): array
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
