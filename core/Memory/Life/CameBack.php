<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Life;

use Japhrex\Core\Memory\Warning\MoreOften;
use Japhrex\Core\Statistics\Proportion;

/**
 * How many of the units of each group came back: in the order of the names, with bounds, and no more said of a group than chance leaves.
 * Each is held against all others, and all groups are looked at together (Bonferroni): among twenty alike one would stand out otherwise.
 */
final readonly class CameBack
{
    private const CHANCE = 0.05;

    /** @var array<string, Proportion> by group */
    public array $groups;

    /** @param list<array{list<string>, bool}> $units groups that each that went out belongs to, and did it come back? */
    public function __construct(public string $by, private array $units)
    {
        $groups = [];
        foreach (array_unique(array_merge(...array_column($units, 0))) as $name) {
            $groups[$name] = new Proportion(...$this->counted($name, true));
        }
        ksort($groups, \SORT_FLAG_CASE | \SORT_STRING);
        $this->groups = $groups;
    }

    public function says(): string
    {
        $many = \count($this->groups);
        if ($many < 2) {
            return 'There is nothing to hold it against.';
        }
        $says = [];
        foreach ($this->groups as $name => $group) {
            // One that two had a hand in is no other of either.
            [$back, $out] = $this->counted($name, false);
            $chance = $many * (new MoreOften($group->events, $group->of, $back, $out))->chance();
            if ($chance < self::CHANCE) {
                $says[] = \sprintf(
                    '%s: %d of %d came back, of all others %d of %d. Chance alone brings so many to one of %d alike in %s.',
                    $name, $group->events, $group->of, $back, $out, $many,
                    $chance < 0.001 ? 'fewer than one in a thousand' : \sprintf('%.1f %%', 100 * $chance),
                );
            }
        }

        return [] === $says
            ? 'None of them came back more often than chance alone would bring to one of so many that are alike.'
            : implode(' ', $says).' Look at what is built, for whom and how hard it is run before anything is concluded.';
    }

    /** @return array{int, int} of those in the group, or outside it: came back, went out */
    private function counted(string $name, bool $isIn): array
    {
        $of = array_filter($this->units, static fn (array $unit): bool => $isIn === \in_array($name, $unit[0], true));

        return [\count(array_filter($of, static fn (array $unit): bool => $unit[1])), \count($of)];
    }
}
