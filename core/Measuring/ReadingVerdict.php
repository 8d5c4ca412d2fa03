<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Statistics\StudentT;

/**
 * Judges one or more readings of a size against its limits, with a guard band for what the gauge does not know.
 *
 * Source: ISO 14253-1 (decision rules); GUM, JCGM 100, annex G (effective degrees of freedom).
 */
final readonly class ReadingVerdict
{
    private const MOST_READINGS = 1000;

    /** @throws MeasuringError if the confidence is not from 0.5 to under 1 */
    public function __construct(private float $confidence = 0.95)
    {
        if (!($confidence >= 0.5 && $confidence < 1)) {
            throw MeasuringError::confidence();
        }
    }

    /**
     * @param non-empty-list<Quantity> $readings of the dimension of the limits
     * @param Scatter|null $scatter of all repeats that were taken alike; null: that of these readings
     */
    public function judge(array $readings, Limits $limits, Gauging $gauging, ?Scatter $scatter = null): Assessment
    {
        $n = \count($readings);
        $scatter ??= Scatter::of([$readings]);
        [$x, $gauge] = $this->taken($readings, $gauging);
        [$u, $student] = $this->uncertainty($gauge, $scatter, $n);
        $guard = $student->quantile($this->confidence) * $u;
        $verdict = $limits->verdict($x, $guard);
        $notes = LimitVerdict::Undecided === $verdict ? [$this->whatWouldSettle($limits, $x, $gauge, $scatter, $n)] : [];
        if ($limits->newIsTheLimit($x)) {
            $notes[] = 'The size when new is the limit: no share of wear can be told.';
        }

        return new Assessment(
            $limits,
            $x,
            $u,
            $guard,
            $this->conformity($limits, $x, $u, $student),
            $limits->wearUsed($x),
            $verdict,
            $notes,
        );
    }

    /**
     * What the readings say of the size, whether or not it has limits.
     *
     * @param non-empty-list<Quantity> $readings
     * @param Scatter|null $scatter of all repeats that were taken alike; null: that of these readings
     */
    public function size(array $readings, Gauging $gauging, ?Scatter $scatter = null): Size
    {
        [$x, $gauge] = $this->taken($readings, $gauging);

        return new Size($x, sqrt($gauge + ($scatter ?? Scatter::of([$readings]))->variance / \count($readings)));
    }

    /** A size that was not read but worked out: the normal distribution goes with its uncertainty. */
    public function judgeSize(Size $size, Limits $limits): Assessment
    {
        $guard = StudentT::normal()->quantile($this->confidence) * $size->u;
        $verdict = $limits->verdict($size->x, $guard);
        $notes = LimitVerdict::Undecided === $verdict
            ? ['Undecided: readings with less uncertainty behind it would settle it, or the size read directly.']
            : [];

        return new Assessment(
            $limits,
            $size->x,
            $size->u,
            $guard,
            $this->conformity($limits, $size->x, $size->u, StudentT::normal()),
            $limits->wearUsed($size->x),
            $verdict,
            $notes,
        );
    }

    /**
     * @param non-empty-list<Quantity> $readings
     *
     * @return array{float, float} mean less zero; variance of the gauge
     */
    private function taken(array $readings, Gauging $gauging): array
    {
        return [
            Scatter::mean($readings) - ($gauging->zero->si ?? 0.0),
            (null === $gauging->zero ? 1 : 2) * $gauging->resolution->si ** 2 / 12 + (($gauging->expanded->si ?? 0.0) / 2) ** 2,
        ];
    }

    /** @return array{float, StudentT} standard uncertainty and the distribution that goes with it */
    private function uncertainty(float $gauge, Scatter $scatter, int $n): array
    {
        $square = $gauge + $scatter->variance / $n;
        $freedom = $scatter->variance > 0 ? ($square / ($scatter->variance / $n)) ** 2 * $scatter->freedom : \INF;

        return [sqrt($square), new StudentT($freedom)];
    }

    private function conformity(Limits $limits, float $x, float $u, StudentT $student): float
    {
        if (0.0 === $u) {
            return $limits->hold($x, 0.0) ? 1.0 : 0.0;
        }

        return $student->between(($limits->low() - $x) / $u, ($limits->high() - $x) / $u);
    }

    private function whatWouldSettle(Limits $limits, float $x, float $gauge, Scatter $scatter, int $n): string
    {
        $distance = $limits->distance($x);
        if (Quantity::same($distance, 0.0, $limits->dimension)) {
            return 'The value lies on the limit: no gauge and no number of readings will settle it.';
        }
        // Of a length in micrometres, as uncertainties of gauges are told.
        $show = static fn (float $u): string => Dimension::Length === $limits->dimension && $u < 99.5e-6
            ? \sprintf('%.2G µm', 1e6 * $u)
            : Sizes::show($u, $limits->dimension->difference());
        $needed = $distance / StudentT::normal()->quantile(max($this->confidence, 0.5 + 1e-9));
        $finer = \sprintf('a gauge and method with a standard uncertainty of %s or less would settle it', $show($needed));
        if (0.0 === $scatter->variance) {
            return \sprintf('Undecided: %s. More readings alone cannot: these do not scatter.', $finer);
        }
        // The guard falls with every further reading, so that halving finds the least number.
        [$low, $high] = [$n, self::MOST_READINGS];
        $settles = function (int $more) use ($gauge, $scatter, $distance, $n): bool {
            [$u, $student] = $this->uncertainty($gauge, $scatter->withMore($more - $n), $more);

            return $student->quantile($this->confidence) * $u <= $distance;
        };
        if ($high > $n && $settles($high)) {
            while ($high - $low > 1) {
                $middle = intdiv($low + $high, 2);
                $settles($middle) ? $high = $middle : $low = $middle;
            }

            return \sprintf(
                'Undecided: %d readings at this scatter would settle it if their mean stays; so would %s',
                $high,
                substr($finer, 0, -\strlen(' would settle it')),
            ).'.';
        }

        return \sprintf('Undecided: %s. More readings at this scatter cannot (not even %d).', $finer, self::MOST_READINGS);
    }
}
