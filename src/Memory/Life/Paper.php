<?php

declare(strict_types=1);

namespace App\Memory\Life;

use App\Platform\Tick;
use Japhrex\Core\Memory\Life\LivedGroup;

/** Weibull paper: time on a logarithmic scale, the share failed so that a Weibull distribution is a straight line. Laid out to pixels. */
final readonly class Paper
{
    public const WIDTH = 620.0;
    public const HEIGHT = 360.0;
    private const LEFT = 56.0;
    private const RIGHT = 16.0;
    private const TOP = 14.0;
    private const BOTTOM = 40.0;
    /** So many points are drawn of a group: every so-manieth, and the last. */
    private const POINTS = 200;
    private const SHARES = [0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 0.8, 0.9, 0.99];

    /** @var list<Tick> */
    public array $xTicks;

    /** @var list<Tick> */
    public array $yTicks;

    /** @var list<PaperLine> by group */
    public array $groups;

    public float $left;
    public float $right;
    public float $bottom;

    /** @param list<LivedGroup> $groups */
    public function __construct(array $groups)
    {
        $times = array_merge(...array_map(static fn (LivedGroup $one): array => array_column($one->points(), 0), $groups));
        $low = [] === $times ? 1.0 : min($times) * 0.7;
        $high = [] === $times ? 10.0 : max($times) * 1.5;
        $px = static fn (float $time): float => round(
            self::LEFT + log($time / $low) / log($high / $low) * (self::WIDTH - self::LEFT - self::RIGHT), 1,
        );
        [$bottom, $top] = [self::depth(0.01), self::depth(0.99)];
        $py = static fn (float $share): float => round(
            self::HEIGHT - self::BOTTOM - (self::depth($share) - $bottom) / ($top - $bottom) * (self::HEIGHT - self::TOP - self::BOTTOM), 1,
        );
        [$this->left, $this->right, $this->bottom] = [self::LEFT, self::WIDTH - self::RIGHT, self::HEIGHT - self::BOTTOM];
        $this->xTicks = array_values(array_map(
            static fn (float $time): Tick => new Tick($px($time), rtrim(rtrim(number_format($time, 1, '.', ''), '0'), '.')),
            array_filter(self::rounds(), static fn (float $time): bool => $time >= $low && $time <= $high),
        ));
        $this->yTicks = array_map(
            static fn (float $share): Tick => new Tick($py($share), round(100 * $share).' %'),
            self::SHARES,
        );
        $this->groups = array_map(static fn (LivedGroup $one): PaperLine => new PaperLine(
            // Of so few failures that no life is told none is drawn.
            null === $one->fit ? [] : array_map(
                static fn (array $at): array => [$px($at[0]), $py(min(0.99, max(0.01, $at[1])))],
                self::some($one->points()),
            ),
            self::path($one, $low, $high, $px, $py),
        ), $groups);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function some(array $points): array
    {
        $every = (int) ceil(\count($points) / self::POINTS);
        $last = \count($points) - 1;

        return array_values(array_filter(
            $points, static fn (int $i): bool => 0 === $i % $every || $i === $last, \ARRAY_FILTER_USE_KEY,
        ));
    }

    /**
     * @param \Closure(float): float $px
     * @param \Closure(float): float $py
     */
    private static function path(LivedGroup $group, float $low, float $high, \Closure $px, \Closure $py): ?string
    {
        if (null === $group->fit) {
            return null;
        }
        $points = [];
        foreach (range(0, 60) as $i) {
            $time = $low * ($high / $low) ** ($i / 60);
            $share = 1 - exp(-($time / $group->fit->scale) ** $group->fit->shape);
            if ($share >= 0.01 && $share <= 0.99) {
                $points[] = $px($time).' '.$py($share);
            }
        }

        return [] === $points ? null : 'M'.implode('L', $points);
    }

    private static function depth(float $share): float
    {
        return log(-log(1 - $share));
    }

    /** @return list<float> 1, 2 and 5 times powers of ten */
    private static function rounds(): array
    {
        $all = [];
        foreach (range(-2, 4) as $power) {
            array_push($all, 10 ** $power, 2 * 10 ** $power, 5 * 10 ** $power);
        }

        return array_map(static fn (float|int $one): float => (float) $one, $all);
    }
}
