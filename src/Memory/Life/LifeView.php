<?php

declare(strict_types=1);

namespace App\Memory\Life;

use App\Account\User;
use App\Memory\Ask\AskedPage;
use App\Memory\Repository\LifeRepository;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Life\CameBack;
use Japhrex\Core\Memory\Life\LifeMeasure;
use Japhrex\Core\Memory\Life\LivedGroup;
use Japhrex\Core\Memory\Life\UnitLife;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Statistics\MeanCumulative;
use Symfony\Contracts\Service\ResetInterface;

/** The life of the units that a line asks for, and of those of a second line beside them. */
final class LifeView implements ResetInterface
{
    /** @var array<string, list<LivedUnit>> by line */
    private array $units = [];

    public function __construct(private readonly AskedPage $asked, private readonly LifeRepository $memory)
    {
    }

    /**
     * @param bool $sameOnly only what began as it had the time before counts as a failure
     *
     * @throws AskError if the line cannot be read
     */
    public function group(string $line, LifeMeasure $in, bool $sameOnly, ?User $who): LivedGroup
    {
        $units = $this->units($line, $who);
        $known = array_values(array_filter(array_map(static fn (LivedUnit $one) => $one->life($in, $sameOnly), $units)));

        $ages = $this->memory->ages($this->asked->sql($line, $who));

        return new LivedGroup($line, $in, \count($units), $known, $ages, self::repairs($units));
    }

    /**
     * How many came back, by who built them and by the kind of repair.
     *
     * @return list<CameBack> those of whom anything is told
     *
     * @throws AskError if the line cannot be read
     */
    public function cameBack(string $line, ?User $who): array
    {
        $units = $this->units($line, $who);
        $kinds = array_column(array_map(static fn (OptionKind $one): array => [$one->value, $one->label()], OptionKind::cases()), 1, 0);
        $by = [
            'Who built it' => static fn (LivedUnit $one): array => $one->builders,
            'Kind of repair' => static fn (LivedUnit $one): array => '' === $one->repair ? [] : [$kinds[$one->repair] ?? $one->repair],
        ];
        $all = [];
        foreach ($by as $name => $of) {
            $told = array_values(array_filter(
                array_map(static fn (LivedUnit $unit): array => [$of($unit), null !== $unit->backAt], $units),
                static fn (array $unit): bool => [] !== $unit[0],
            ));
            [] === $told || $all[] = new CameBack($name, $told);
        }

        return $all;
    }

    public function reset(): void
    {
        $this->units = [];
    }

    /** @return list<LivedUnit> that went out, looked for once a request */
    private function units(string $line, ?User $who): array
    {
        return $this->units[$line] ??= $this->memory->letOut($this->asked->sql($line, $who));
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
                    $backs[] = UnitLife::months($first, $unit->backAt);
                }
            }
            if (null !== $last && $last > $first) {
                $watched[] = [$backs, UnitLife::months($first, $last)];
            }
        }

        return [] === $watched ? null : new MeanCumulative($watched);
    }
}
