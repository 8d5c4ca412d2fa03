<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Life;

use Japhrex\Core\Statistics\Life;

/** What is known of how long one unit lived after it went out, in months and in what it was told in. */
final readonly class UnitLife
{
    private const MONTH = 30.436875 * 86400;

    /**
     * @param float $months until it came back, or was last known to run
     * @param float|null $ran hours or kilometres until then; null: nobody told them
     * @param bool $isRunning it had not failed by then, or failed by what is not asked about
     */
    public function __construct(public float $months, public ?float $ran, public bool $isRunning)
    {
    }

    public static function months(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return max(1.0, $to->getTimestamp() - $from->getTimestamp()) / self::MONTH;
    }

    /**
     * What a unit that came back ran since it went out, in one measure.
     *
     * @param float|null $told since the repair, as told by the one who brings it back; it goes before the meter, which may be another's
     * @param float|null $meter as read when it came back
     * @param float|null $meterThen as read when it came in the time before
     *
     * @return float|null null: not told, and the meter was not read twice, or did not go on and was changed or read wrong
     */
    public static function ranUntilBack(?float $told, ?float $meter, ?float $meterThen): ?float
    {
        $between = null === $meter || null === $meterThen ? 0.0 : $meter - $meterThen;

        return $told ?? ($between > 0.0 ? $between : null);
    }

    /**
     * What the middle one of those that tell both runs in a month.
     *
     * @param list<self> $units
     *
     * @return float|null null: none tells both
     */
    public static function use(array $units): ?float
    {
        $use = array_map(
            static fn (self $one): float => (float) $one->ran / $one->months,
            array_values(array_filter($units, static fn (self $one): bool => null !== $one->ran && $one->ran > 0.0)),
        );
        sort($use);
        $n = \count($use);

        return 0 === $n ? null : ($use[intdiv($n - 1, 2)] + $use[intdiv($n, 2)]) / 2.0;
    }

    /**
     * Those of which nobody told what they ran are taken to have run as the middle one of the others does: were they left out, and most of
     * those that still run are not asked, all would seem to fail early.
     *
     * @param list<self> $units
     *
     * @return list<Life> in what they ran; empty: none tells it
     */
    public static function ran(array $units): array
    {
        $use = self::use($units);

        return null === $use ? [] : array_map(
            static fn (self $one): Life => new Life($one->ran ?? $use * $one->months, $one->isRunning),
            array_values(array_filter($units, static fn (self $one): bool => null === $one->ran || $one->ran > 0.0)),
        );
    }
}
