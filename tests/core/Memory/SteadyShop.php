<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\Warning\MoreOften;
use Japhrex\Core\Memory\Warning\WarningRule;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A shop of 300 cases a year, 8 models and 25 customers, 10 origins and 15 parts, 6 gauges that read 12 things of which a quarter is
 * outside, and 4 who build, to whom one in twelve comes back; each with the same chance in all of its years.
 */
final class SteadyShop
{
    private const CASES = 300;
    private const ORIGINS = [25, 18, 14, 12, 10, 8, 6, 4, 2, 1];

    /** @return int how often it is warned in so many years, after three in which nobody is */
    public static function alarms(int $years): int
    {
        $chance = new Randomizer(new Mt19937(1971));
        $cases = [];
        $warned = [];
        $alarms = 0;
        // A case is looked at under its model and its customer, by its origin and by two parts; a reading outside under its gauge; what
        // came back under who built it.
        $rule = new WarningRule((int) round(self::CASES * (2 * 3 + 3 / 4 + 3 / 12)));
        for ($i = 0; $i < self::CASES * ($years + 3); ++$i) {
            $left = $chance->getInt(1, array_sum(self::ORIGINS));
            $origin = 0;
            foreach (self::ORIGINS as $origin => $weight) {
                if (($left -= $weight) <= 0) {
                    break;
                }
            }
            $things = array_values(array_unique(['o'.$origin, 'p'.$chance->getInt(1, 15), 'p'.$chance->getInt(1, 15)]));
            $groups = ['m'.$chance->getInt(1, 8), 'c'.$chance->getInt(1, 25)];
            1 === $chance->getInt(1, 12) && $groups[] = 'b'.$chance->getInt(1, 4);
            $charts = [];
            foreach ($groups as $group) {
                array_push($charts, ...array_map(static fn (string $thing): array => [$group, $thing], $things));
            }
            for ($read = 0; $read < 3; ++$read) {
                $groups[] = $gauge = 'g'.$chance->getInt(1, 6).'r'.$chance->getInt(1, 12);
                if (1 === $chance->getInt(1, 4)) {
                    $things[] = $gauge;
                    $charts[] = [$gauge, $gauge];
                }
            }
            foreach (array_unique($groups) as $group) {
                $cases[$group][] = [$i, array_fill_keys($things, true)];
            }
            foreach ($i < 3 * self::CASES ? [] : $charts as [$group, $thing]) {
                if (($warned[$group.$thing] ?? -self::CASES) <= $i - self::CASES && $rule->warns(self::count($cases[$group], $i, $thing))) {
                    ++$alarms;
                    $warned[$group.$thing] = $i;
                }
            }
        }

        return $alarms;
    }

    /**
     * The last year against the three before.
     *
     * @param list<array{int, array<string, true>}> $cases of a group, each with its number and what is counted of it
     */
    private static function count(array $cases, int $last, string $thing): MoreOften
    {
        $counts = [[0, 0], [0, 0]];
        for ($i = \count($cases) - 1; $i >= 0 && $cases[$i][0] >= $last - 4 * self::CASES; --$i) {
            $then = $last - $cases[$i][0] < self::CASES ? 0 : 1;
            ++$counts[$then][1];
            $counts[$then][0] += isset($cases[$i][1][$thing]) ? 1 : 0;
        }

        return new MoreOften(...$counts[0], ...$counts[1]);
    }
}
