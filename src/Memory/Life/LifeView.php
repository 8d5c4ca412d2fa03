<?php

declare(strict_types=1);

namespace App\Memory\Life;

use App\Account\User;
use App\Memory\Ask\AskedPage;
use App\Memory\Repository\LifeRepository;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Statistics\LogRank;
use Japhrex\Core\Statistics\MeanCumulative;
use Japhrex\Core\Statistics\StatisticsError;

/** The life of the units that a line asks for, and of those of a second line beside them. */
final readonly class LifeView
{
    public function __construct(private AskedPage $asked, private LifeRepository $memory)
    {
    }

    /**
     * @param bool $sameOnly only what began as it had the time before counts as a failure
     *
     * @throws AskError if the line cannot be read
     */
    public function group(string $line, bool $sameOnly, ?User $who): LivedGroup
    {
        $sql = $this->asked->sql($line, $who);
        $units = $this->memory->letOut($sql);
        $lives = array_values(array_filter(array_map(static fn (LivedUnit $one) => $one->life($sameOnly), $units)));

        return new LivedGroup($line, \count($units), $lives, $this->memory->ages($sql), self::repairs($units));
    }

    /** @return array{float, string} chance that two alike groups part so far, and that in a sentence; null: it cannot be told */
    public function compare(LivedGroup $one, LivedGroup $other): ?array
    {
        try {
            $test = new LogRank($one->lives, $other->lives);
        } catch (StatisticsError) {
            return null;
        }
        $chance = $test->chance();
        $says = \sprintf(
            'The first group has %d failures, where %.1f would be expected were both alike. Chance alone parts two alike groups so far or '
                .'farther in %s of cases: %s.',
            $test->observed, $test->expected, $chance < 0.001 ? 'fewer than one in a thousand' : \sprintf('%.1f %%', 100 * $chance),
            $chance < 0.05 ? 'they differ' : 'this may well be chance',
        );

        return [$chance, $says];
    }

    /**
     * Repeated failures of one unit: how often it has come back by so many months, on the average.
     *
     * @param list<LivedUnit> $units in the order in which they went out
     */
    private static function repairs(array $units): ?MeanCumulative
    {
        $of = [];
        foreach ($units as $unit) {
            if ('' !== $unit->serial) {
                $of[$unit->serial][] = $unit;
            }
        }
        $watched = [];
        foreach ($of as $same) {
            $first = $same[0]->out;
            [$backs, $last] = [[], null];
            foreach ($same as $unit) {
                $last = max($last, $unit->ranUntil, $unit->backAt);
                if (null !== $unit->backAt) {
                    $backs[] = LivedUnit::months($first, $unit->backAt);
                }
            }
            if (null !== $last && $last > $first) {
                $watched[] = [$backs, LivedUnit::months($first, $last)];
            }
        }

        return [] === $watched ? null : new MeanCumulative($watched);
    }
}
