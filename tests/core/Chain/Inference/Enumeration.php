<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Inference;

/**
 * Every state of a small network, one after the other: what the engine is checked against. Reads the JSON by itself.
 *
 * @phpstan-type Node array{
 *     id: string, kind?: string, prior?: float, leak?: float, causes?: list<array{from: string, strength: float}>,
 *     parents?: list<string>, table?: list<float>,
 * }
 * @phpstan-type Net array{
 *     nodes: list<Node>, evidence?: array<string, bool|array{if-true: float, if-false: float}>, minutes?: array<string, float>,
 * }
 */
final class Enumeration
{
    /** @var array<int, array<string, bool>> */
    private array $states = [];

    /** @var array<int, float> by state, before evidence */
    private array $chances = [];

    /** @param Net $network */
    public function __construct(private readonly array $network)
    {
        $ids = array_column($network['nodes'], 'id');
        for ($s = 0; $s < 1 << \count($ids); ++$s) {
            $state = [];
            foreach ($ids as $i => $id) {
                $state[$id] = (bool) (($s >> $i) & 1);
            }
            $p = 1.0;
            foreach ($network['nodes'] as $node) {
                $true = self::chance($node, $state);
                $p *= $state[$node['id']] ? $true : 1.0 - $true;
                if (0.0 === $p) {
                    continue 2;
                }
            }
            $this->states[] = $state;
            $this->chances[] = $p;
        }
    }

    /**
     * @param Node $node
     * @param array<string, bool> $state
     */
    private static function chance(array $node, array $state): float
    {
        if (isset($node['prior'])) {
            return $node['prior'];
        }
        if (isset($node['table'])) {
            $bits = implode('', array_map(static fn (string $parent): string => $state[$parent] ? '1' : '0', $node['parents'] ?? []));

            return $node['table'][(int) bindec($bits)] ?? 0.0;
        }
        $none = 1.0 - ($node['leak'] ?? 0);
        foreach ($node['causes'] ?? [] as $cause) {
            $none *= $state[$cause['from']] ? 1.0 - $cause['strength'] : 1.0;
        }

        return 1.0 - $none;
    }

    /**
     * Sum over the states, with the evidence but for one finding, of those in which something holds.
     *
     * @param array<string, bool> $holds
     */
    public function weight(array $holds = [], ?string $without = null): float
    {
        $sum = 0.0;
        foreach ($this->states as $i => $state) {
            foreach ($holds as $id => $value) {
                if ($state[$id] !== $value) {
                    continue 2;
                }
            }
            $p = $this->chances[$i];
            foreach ($this->network['evidence'] ?? [] as $id => $seen) {
                if ($id !== $without) {
                    $p *= \is_bool($seen) ? ($state[$id] === $seen ? 1.0 : 0.0) : $seen[$state[$id] ? 'if-true' : 'if-false'];
                }
            }
            $sum += $p;
        }

        return $sum;
    }

    /** @param array<string, bool> $given */
    public function posterior(string $id, array $given = []): float
    {
        return isset($given[$id]) ? (float) $given[$id] : $this->weight([$id => true] + $given) / $this->weight($given);
    }

    /** Decibans, or null where it is infinite or undefined. */
    public function decibans(string $origin, string $finding): ?float
    {
        [$true, $false] = [$this->weight([$origin => true]), $this->weight([$origin => false])];
        [$wasTrue, $wasFalse] = [$this->weight([$origin => true], $finding), $this->weight([$origin => false], $finding)];

        return $true * $wasFalse > 0 && $false * $wasTrue > 0 ? 10 * log10($true / $false / ($wasTrue / $wasFalse)) : null;
    }

    /** @param list<string> $origins */
    public function bits(string $look, array $origins): float
    {
        $entropy = static fn (float $p): float => $p <= 0 || $p >= 1 ? 0.0 : -$p * log($p, 2) - (1 - $p) * log(1 - $p, 2);
        $chance = $this->posterior($look);
        $bits = 0.0;
        foreach ($origins as $origin) {
            $bits += $entropy($this->posterior($origin));
            foreach ([[true, $chance], [false, 1 - $chance]] as [$value, $p]) {
                $bits -= $p > 0 ? $p * $entropy($this->posterior($origin, [$look => $value])) : 0.0;
            }
        }

        return $bits;
    }
}
