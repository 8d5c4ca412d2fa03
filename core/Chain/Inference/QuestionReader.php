<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Reads a question as it is written in JSON, and refuses it in words where it is wrong. */
final class QuestionReader
{
    /** @throws InferenceError */
    public function read(string $json): Question
    {
        try {
            $said = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw new InferenceError('That is not JSON: '.$error->getMessage().'. Expected {"nodes": […], "evidence": {…}}.');
        }
        if (!\is_array($said) || !\is_array($said['nodes'] ?? null) || [] === $said['nodes'] || !array_is_list($said['nodes'])) {
            throw new InferenceError('The network is empty. Expected "nodes" with one node or more.');
        }
        $index = [];
        foreach ($said['nodes'] as $i => $node) {
            $id = \is_array($node) ? $node['id'] ?? null : null;
            if (!\is_string($id) || '' === $id) {
                throw new InferenceError(\sprintf('Node %d has no id. Expected a text in "id".', $i + 1));
            }
            if (isset($index[$id])) {
                throw new InferenceError(\sprintf('“%s” is there twice. Each id stands once.', $id), $id);
            }
            $index[$id] = $i;
        }
        $nodes = [];
        foreach ($said['nodes'] as $node) {
            /** @var array<string, mixed> $node */
            $nodes[] = $this->node($node, $index);
        }
        [$seen, $certain] = $this->evidence($said['evidence'] ?? [], $index);

        return new Question(
            new Network($nodes),
            $seen,
            $certain,
            \array_key_exists('minutes', $said) ? $this->minutes($said['minutes'], $index) : null,
        );
    }

    /**
     * @param array<string, mixed> $said
     * @param array<string, int> $index
     */
    private function node(array $said, array $index): Condition
    {
        $id = \is_string($said['id']) ? $said['id'] : '';
        $kind = \is_string($said['kind'] ?? null) ? $said['kind'] : '';
        $ways = array_filter(
            [isset($said['prior']), isset($said['leak']) || isset($said['causes']), isset($said['parents']) || isset($said['table'])]
        );
        if (\count($ways) > 1) {
            throw new InferenceError(
                \sprintf('“%s” is told in two ways. Expected a prior, or leak and causes, or parents and table.', $id),
                $id,
            );
        }
        if (isset($said['prior'])) {
            return new Condition($id, $kind, $this->probability($said['prior'], $id, 'prior'), []);
        }
        if (isset($said['parents']) || isset($said['table'])) {
            return $this->table($id, $kind, $said, $index);
        }
        $causes = [];
        foreach ($this->listed($said['causes'] ?? [], $id, 'causes') as $cause) {
            $from = \is_array($cause) ? $cause['from'] ?? null : null;
            if (!\is_string($from)) {
                throw new InferenceError(
                    \sprintf('A cause of “%s” does not say from what. Expected {"from": "id", "strength": 0…1}.', $id),
                    $id,
                );
            }
            if (!isset($index[$from])) {
                throw new InferenceError(\sprintf('“%s” has the cause “%s”, which is no node.', $id, $from), $id);
            }
            if (isset($causes[$index[$from]])) {
                throw new InferenceError(\sprintf('“%s” has the cause “%s” twice. Each cause stands once.', $id, $from), $id);
            }
            $causes[$index[$from]] = $this->probability(\is_array($cause) ? $cause['strength'] ?? null : null, $id, 'strength of '.$from);
        }

        return new Condition($id, $kind, $this->probability($said['leak'] ?? 0, $id, 'leak'), $causes);
    }

    /**
     * @param array<string, mixed> $said
     * @param array<string, int> $index
     */
    private function table(string $id, string $kind, array $said, array $index): Condition
    {
        $parents = [];
        foreach ($this->listed($said['parents'] ?? [], $id, 'parents') as $parent) {
            if (!\is_string($parent) || !isset($index[$parent])) {
                throw new InferenceError(
                    \sprintf('“%s” has the parent “%s”, which is no node.', $id, \is_scalar($parent) ? $parent : '?'),
                    $id,
                );
            }
            if (\in_array($index[$parent], $parents, true)) {
                throw new InferenceError(\sprintf('“%s” has the parent “%s” twice.', $id, $parent), $id);
            }
            $parents[] = $index[$parent];
        }
        $table = [];
        foreach ($this->listed($said['table'] ?? [], $id, 'table') as $i => $chance) {
            $table[] = $this->probability($chance, $id, \sprintf('entry %d of the table', $i + 1));
        }
        if (\count($parents) > 30 || \count($table) !== 2 ** \count($parents)) {
            throw new InferenceError(
                \sprintf(
                    'The table of “%s” has %d entries; %d parents need %s.',
                    $id,
                    \count($table),
                    \count($parents),
                    number_format(2 ** \count($parents), 0, '.', ' '),
                ),
                $id,
            );
        }

        return new Condition($id, $kind, 0.0, [], $parents, $table);
    }

    /**
     * @param array<string, int> $index
     *
     * @return array{array<int, array{float, float}>, array<int, true>}
     */
    private function evidence(mixed $said, array $index): array
    {
        $seen = $certain = [];
        foreach ($this->mapped($said, 'evidence') as $id => $value) {
            $node = $index[$id] ?? throw new InferenceError(\sprintf('There is evidence about “%s”, which is no node.', $id), (string) $id);
            if (\is_bool($value)) {
                [$seen[$node], $certain[$node]] = [$value ? [0.0, 1.0] : [1.0, 0.0], true];
                continue;
            }
            $true = \is_array($value) ? $value['if-true'] ?? null : null;
            $false = \is_array($value) ? $value['if-false'] ?? null : null;
            if (
                (!\is_int($true) && !\is_float($true))
                    || (!\is_int($false) && !\is_float($false))
                    || $true < 0
                    || $false < 0
                    || $true + $false <= 0
                    || !is_finite($true + $false)
            ) {
                throw new InferenceError(
                    \sprintf(
                        'The evidence about “%s” is no likelihood. Expected true, false, or {"if-true": …, "if-false": …}, '
                            .'neither negative and not both 0.',
                        $id,
                    ),
                    (string) $id,
                );
            }
            $seen[$node] = [(float) $false, (float) $true];
        }

        return [$seen, $certain];
    }

    /**
     * @param array<string, int> $index
     *
     * @return array<int, float>
     */
    private function minutes(mixed $said, array $index): array
    {
        $minutes = [];
        foreach ($this->mapped($said, 'minutes') as $id => $value) {
            $node = $index[$id] ?? throw new InferenceError(\sprintf('There are minutes for “%s”, which is no node.', $id), (string) $id);
            if ((!\is_int($value) && !\is_float($value)) || $value <= 0 || !is_finite($value)) {
                throw new InferenceError(\sprintf('A look at “%s” takes more than 0 minutes.', $id), (string) $id);
            }
            $minutes[$node] = (float) $value;
        }

        return $minutes;
    }

    private function probability(mixed $value, string $id, string $what): float
    {
        if ((!\is_int($value) && !\is_float($value)) || $value < 0 || $value > 1) {
            throw new InferenceError(\sprintf('The %s of “%s” is no probability. Expected a number from 0 to 1.', $what, $id), $id);
        }

        return (float) $value;
    }

    /** @return list<mixed> */
    private function listed(mixed $value, string $id, string $what): array
    {
        return \is_array($value) && array_is_list($value)
            ? $value
            : throw new InferenceError(\sprintf('“%s” of “%s” is no list.', $what, $id), $id);
    }

    /** @return array<array-key, mixed> */
    private function mapped(mixed $value, string $what): array
    {
        return \is_array($value) ? $value : throw new InferenceError(\sprintf('“%s” goes by id: {"id": …}.', $what));
    }
}
