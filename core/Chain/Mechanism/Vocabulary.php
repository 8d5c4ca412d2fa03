<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** The conditions that mechanisms speak of, beside the damage modes and the complaints of a book. */
final readonly class Vocabulary
{
    /**
     * @param array<string, StateWords> $states
     * @param array<string, OriginWords> $origins
     * @param array<string, float> $leaks damage mode => chance of it without any cause that is known
     * @param array<string, float> $found damage mode => chance that a plain look finds it where it is
     * @param list<string> $ofPart damage modes that are of a part as a whole, not of one of its faces
     * @param list<string> $notByRunning damage modes that normal running does not leave, however slight
     * @param array<string, string> $extra damage that no mode of the catalogue is, with its name
     * @param array<string, ToldWords> $history what is told of a unit
     * @param array<string, ToldWords> $fluid what is seen of its fluid
     * @param array<string, ToldWords> $lies on which side wear lies
     * @param array<string, TriedWords> $tried what people try before it comes in
     * @param list<RecordLevel> $record how often it was right, the surest level first
     */
    public function __construct(
        public array $states,
        public array $origins,
        public array $leaks,
        public array $found,
        public array $ofPart,
        public array $notByRunning,
        public array $extra,
        public Weights $weights,
        public array $history = [],
        public array $fluid = [],
        public array $record = [],
        public array $lies = [],
        public array $tried = [],
    ) {
    }

    /** @return array<string, ToldWords> what is told of a unit, and what is seen of its fluid */
    public function told(): array
    {
        return $this->history + $this->fluid;
    }

    /** What something told means; what was tried is told as `oil-renewed:nothing` or `oil-renewed:better`. */
    public function meaning(string $key): ?ToldWords
    {
        [$what, $changed] = explode(':', $key) + [1 => ''];
        $tried = $this->tried[$what] ?? null;

        return match ($changed) {
            'nothing' => $tried?->nothing, 'better' => $tried?->better, default => $this->told()[$key] ?? null,
        };
    }

    /** The level of the record that a chance belongs to; null: none is told. */
    public function recordOf(float $said): ?RecordLevel
    {
        foreach ($this->record as $level) {
            if ($said >= $level->least) {
                return $level;
            }
        }

        return null;
    }
}
