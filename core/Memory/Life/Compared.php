<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Life;

use Japhrex\Core\Statistics\LogRank;
use Japhrex\Core\Statistics\StatisticsError;

/** Two groups of units beside each other: do they live differently long, or may it be chance? */
final readonly class Compared
{
    /** Where chance alone parts two alike groups so far in fewer than this share of cases, they are said to differ. */
    private const CHANCE = 0.05;

    private function __construct(private LogRank $test)
    {
    }

    /** @return self|null null: nothing failed while both ran */
    public static function of(LivedGroup $one, LivedGroup $other): ?self
    {
        try {
            return new self(new LogRank($one->lives, $other->lives));
        } catch (StatisticsError) {
            return null;
        }
    }

    public function differ(): bool
    {
        return $this->test->chance() < self::CHANCE;
    }

    public function says(): string
    {
        $chance = $this->test->chance();

        return \sprintf(
            'The first group has %d failures, where %.1f would be expected were both alike. Chance alone parts two alike groups so far or '
                .'farther in %s of cases: %s.',
            $this->test->observed, $this->test->expected, $chance < 0.001 ? 'fewer than one in a thousand' : \sprintf('%.1f %%',
                100 * $chance),
            $this->differ() ? 'they differ' : 'this may well be chance',
        );
    }
}
