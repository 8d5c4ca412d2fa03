<?php

declare(strict_types=1);

namespace App\Memory\Life;

use App\Account\User;
use App\Memory\Ask\AskedPage;
use App\Memory\Repository\LifeRepository;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Life\LivedGroup;
use Japhrex\Core\Statistics\MeanCumulative;

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
