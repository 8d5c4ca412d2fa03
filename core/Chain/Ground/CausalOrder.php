<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/**
 * Conditions in an order in which causes stand before effects, kept up as ties come in one by one (Pearce and Kelly, A dynamic topological
 * sort algorithm for directed acyclic graphs, 2006): what stands in order already costs nothing, else only what lies between is looked at.
 */
final class CausalOrder
{
    /** @var array<string, int> id => its place */
    private array $at;

    /** @var array<string, array<string, true>> id => effects */
    private array $next = [];

    /** @var array<string, array<string, true>> id => causes */
    private array $back = [];

    /** @param list<string> $ids in the order that they have at first; the nearer it is to the last, the less has to be moved */
    public function __construct(array $ids)
    {
        $this->at = array_flip($ids);
    }

    /** Ties a cause to an effect; false where that would close a loop, and nothing is tied. */
    public function tie(string $from, string $to): bool
    {
        if (isset($this->next[$from][$to])) {
            return true;
        }
        if ($this->at[$to] <= $this->at[$from]) {
            $after = $this->within($this->next, $to, fn (int $at): bool => $at <= $this->at[$from]);
            if (isset($after[$from])) {
                return false;
            }
            $before = $this->within($this->back, $from, fn (int $at): bool => $at >= $this->at[$to]);
            // What leads to the cause first, then what follows from the effect, on the places that both have now.
            $moved = [...self::sorted($before), ...self::sorted($after)];
            $places = array_values($before + $after);
            sort($places);
            foreach ($moved as $i => $id) {
                $this->at[$id] = $places[$i];
            }
        }
        $this->next[$from][$to] = $this->back[$to][$from] = true;

        return true;
    }

    /**
     * @param array<string, array<string, true>> $ways
     * @param callable(int): bool $isWithin
     *
     * @return array<string, int> what is reached along the ways => its place
     */
    private function within(array $ways, string $start, callable $isWithin): array
    {
        $found = [$start => $this->at[$start]];
        for ($open = [$start]; null !== $one = array_pop($open);) {
            foreach ($ways[$one] ?? [] as $other => $_) {
                if (!isset($found[$other]) && $isWithin($this->at[$other])) {
                    $found[$other] = $this->at[$other];
                    $open[] = $other;
                }
            }
        }

        return $found;
    }

    /**
     * @param array<string, int> $places
     *
     * @return list<string>
     */
    private static function sorted(array $places): array
    {
        asort($places);

        return array_keys($places);
    }
}
