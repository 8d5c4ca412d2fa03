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

    /** @param non-empty-array<string, array{int, int}> $counts by group: came back, of so many that went out */
    public function __construct(public string $by, private array $counts)
    {
        $groups = array_map(static fn (array $one): Proportion => new Proportion(...$one), $counts);
        ksort($groups, \SORT_FLAG_CASE | \SORT_STRING);
        $this->groups = $groups;
    }

    public function says(): string
    {
        if (\count($this->counts) < 2) {
            return 'There is nothing to hold it against.';
        }
        [$back, $out] = [array_sum(array_column($this->counts, 0)), array_sum(array_column($this->counts, 1))];
        foreach ($this->groups as $name => $group) {
            [$its, $of] = $this->counts[$name];
            $chance = \count($this->counts) * (new MoreOften($its, $of, $back - $its, $out - $of))->chance();
            if ($chance < self::CHANCE) {
                return \sprintf(
                    '%s: %d of %d came back, of all others %d of %d. Chance alone brings so many to one of %d alike in %s. Look at what '
                        .'they build, for whom and how hard it is run before anything is concluded.',
                    $name, $its, $of, $back - $its, $out - $of, \count($this->counts),
                    $chance < 0.001 ? 'fewer than one in a thousand' : \sprintf('%.1f %%', 100 * $chance),
                );
            }
        }

        return 'None of them came back more often than chance alone would bring to one of so many that are alike.';
    }
}
