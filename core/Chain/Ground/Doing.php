<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Brought;
use Japhrex\Core\Chain\Inference\Question;

/** What each origin of a case brought about. */
final readonly class Doing
{
    /**
     * @param array<int, float> $posteriors of every node
     * @param array<int, string> $effects what was complained of, or where nothing was, the damage that was seen: node => id
     */
    private function __construct(private Question $question, private array $posteriors, private Brought $brought, public array $effects)
    {
    }

    /** @param array<int, float> $posteriors of every node */
    public static function of(Ground $ground, Question $question, array $posteriors): self
    {
        $effects = self::effects($ground, $question);

        return new self($question, $posteriors, Brought::of($question, array_keys($effects), $posteriors), $effects);
    }

    /** How much of what was complained of an origin brought about, on the mean over the complaints. */
    public function part(int $origin): float
    {
        return [] === $this->effects ? 0.0 : array_sum($this->by($origin)) / \count($this->effects);
    }

    /** @return array<string, float> by effect, how much of it an origin brought about: never more than either is there */
    public function by(int $origin): array
    {
        $by = [];
        foreach ($this->effects as $effect => $id) {
            // What was complained of is there; a trace that was seen may be nothing.
            $by[$id] = ($this->brought->by[$effect][$origin] ?? 0.0) * $this->posteriors[$effect];
        }

        return $by;
    }

    /** @return list<int> origins, those first that did most; behind them, in the order of their chance, those that no draw has needed */
    public function ranked(): array
    {
        $origins = $this->question->network->origins();
        $parts = array_map($this->part(...), array_combine($origins, $origins));
        usort($origins, fn (int $a, int $b): int => [$parts[$b], $this->posteriors[$b], $a] <=> [$parts[$a], $this->posteriors[$a], $b]);

        return $origins;
    }

    /**
     * Origins between which a look has to tell: those that did something, the most first. Only they are asked about once more, each at the
     * price of a pass.
     *
     * @return array<int, float> origin => how much of it matters to what was complained of: its part over its chance
     */
    public function race(): array
    {
        $parts = [];
        foreach ($this->question->network->origins() as $origin) {
            $part = $this->part($origin);
            if ($part >= Looks::LEAST && $this->posteriors[$origin] > 0.0 && $this->posteriors[$origin] < 1.0) {
                $parts[$origin] = $part;
            }
        }
        arsort($parts);
        $race = [];
        foreach (\array_slice($parts, 0, Looks::RIVALS, true) as $origin => $part) {
            $race[$origin] = min(1.0, $part / $this->posteriors[$origin]);
        }

        return $race;
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
}
