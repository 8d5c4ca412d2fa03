<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** What an inference found, and how. */
final readonly class Answer
{
    public const EXACT = 'exact';
    public const SAMPLED = 'sampled';

    /**
     * @param array<int, float> $posteriors node => chance that it is true
     * @param array<int, Weighed> $weights by origin
     * @param array<int, LookSettles>|null $checks by node that can be looked at; null: not asked for
     * @param array<int, array<int, float>> $given node that is asked for => chance of every node that leads to a finding, with that one
     *                                             present
     * @param Sampled|null $sampling null: it is exact
     */
    public function __construct(
        public string $method,
        public float $logEvidence,
        public array $posteriors,
        public array $weights,
        public ?array $checks,
        public ?Sampled $sampling = null,
        public string $note = '',
        public array $given = [],
    ) {
    }

    /**
     * Origins without certain evidence, the most likely first.
     *
     * @return list<int>
     */
    public function candidates(Question $question): array
    {
        $open = array_values(
            array_filter($question->network->origins(), static fn (int $origin): bool => !isset($question->certain[$origin]))
        );
        usort($open, fn (int $a, int $b): int => [$this->posteriors[$b], $a] <=> [$this->posteriors[$a], $b]);

        return $open;
    }

    /** @return array<string, mixed> as it is written in JSON */
    public function asData(Question $question): array
    {
        $id = static fn (int $node): string => $question->network->nodes[$node]->id;
        $byId = static function (array $values) use ($id): object {
            $named = [];
            foreach ($values as $node => $value) {
                $named[$id((int) $node)] = $value;
            }

            return (object) $named;
        };
        $data = ['method' => $this->method];
        if (null !== $this->sampling) {
            $data += [
                'samples' => $this->sampling->samples,
                'effective-samples' => $this->sampling->effective,
                'seed' => $this->sampling->seed,
                'standard-error' => $byId($this->sampling->errors),
            ];
        }
        $data += ['log-evidence' => $this->logEvidence, 'posteriors' => $byId($this->posteriors)];
        $ranked = null === $this->sampling || $this->sampling->effective >= Sampling::ENOUGH;
        $data['candidates'] = array_map(
            fn (int $origin): array => ['id' => $id($origin), 'posterior' => $this->posteriors[$origin]] + (
                null === $this->sampling ? [
                    'for' => $byId($this->weights[$origin]->for ?? []),
                    'against' => $byId($this->weights[$origin]->against ?? []),
                ] : []
            ),
            $ranked ? $this->candidates($question) : [],
        );
        if (null !== $this->checks) {
            $checks = $this->checks;
            uksort($checks, static fn (int $a, int $b): int => [$checks[$b]->bitsAMinute, $a] <=> [$checks[$a]->bitsAMinute, $b]);
            $data['checks'] = array_map(
                static fn (int $node): array => [
                    'id' => $id($node),
                    'bits' => $checks[$node]->bits,
                    'bits-per-minute' => $checks[$node]->bitsAMinute,
                ],
                array_keys($checks),
            );
        }

        return $data + ('' === $this->note ? [] : ['note' => $this->note]);
    }
}
