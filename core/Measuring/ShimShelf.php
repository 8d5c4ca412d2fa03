<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** The shims that lie on the shelf, and the pick of them that brings a play where it is wanted. Lengths in metres. */
final readonly class ShimShelf
{
    private const NANOMETRE = 1e-9 * (1 + 1e-6);
    private const MOST_SUMS = 200000;

    /** @var list<array{float, int|null}> thickness and pieces (null: plenty), thickest first */
    private array $sizes;

    /**
     * @param list<array{float, int|null}> $stock
     *
     * @throws MeasuringError if there is nothing on the shelf
     */
    public function __construct(array $stock)
    {
        $sizes = [];
        usort($stock, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($stock as [$size, $pieces]) {
            [$last, $before] = [] === $sizes ? [\INF, 0] : array_pop($sizes);
            if (abs($last - $size) <= self::NANOMETRE) {
                $sizes[] = [$last, null === $pieces || null === $before ? null : $before + $pieces];
                continue;
            }
            if (is_finite($last)) {
                $sizes[] = [$last, $before];
            }
            $sizes[] = [$size, $pieces];
        }
        $this->sizes = [] === $sizes ? throw MeasuringError::noShim() : $sizes;
    }

    /**
     * At least one shim, at most `$most`, for a play of `$bare` without any: inside the window the nearest to its
     * middle, else the nearest there is. On a tie (1 nm) the fewest, then the thicker thickest, then shim by shim.
     *
     * @return non-empty-list<float> thickest first
     *
     * @throws MeasuringError if there are too many ways to try
     */
    public function pick(float $bare, Window $window, int $most): array
    {
        $sums = $this->sums($bare, $window, $most);
        $nearest = min(array_map(static fn (array $shims): float => $window->offMiddle($bare - array_sum($shims)), $sums));
        $near = array_values(
            array_filter(
                $sums,
                static fn (array $shims): bool => $window->offMiddle($bare - array_sum($shims)) <= $nearest + self::NANOMETRE,
            )
        );
        $best = $near[0];
        foreach ($near as $shims) {
            if (self::isBetter($shims, $best)) {
                $best = $shims;
            }
        }

        return $best;
    }

    /**
     * The best stack for every sum worth looking at: adding shims only takes play away, so that a stack already
     * further below the middle than the best one is not built upon. Sizes are taken thickest first; of two stacks
     * with one sum the better one stays the better whatever thinner shims are laid on both.
     *
     * @return non-empty-list<non-empty-list<float>>
     */
    private function sums(float $bare, Window $window, int $most): array
    {
        $middle = ($window->low + $window->high) / 2;
        $best = \INF;
        $sums = ['0' => []];
        foreach ($this->sizes as [$size, $pieces]) {
            $added = [];
            foreach ($sums as $shims) {
                $sum = array_sum($shims);
                for ($i = 1; $i <= ($pieces ?? $most) && \count($shims) < $most; ++$i) {
                    $shims[] = $size;
                    $sum += $size;
                    $off = $window->offMiddle($bare - $sum);
                    if ($off > $best + self::NANOMETRE && $bare - $sum < $middle) {
                        break;
                    }
                    $best = min($best, $off);
                    $key = \sprintf('%.0f', $sum * 1e12);
                    $other = $added[$key] ?? $sums[$key] ?? null;
                    if (null === $other || [] === $other || self::isBetter($shims, $other)) {
                        $added[$key] = $shims;
                    }
                }
            }
            $sums = array_replace($sums, $added);
            if (\count($sums) > self::MOST_SUMS) {
                throw MeasuringError::tooManyStacks();
            }
        }
        $stacks = [];
        foreach ($sums as $shims) {
            if ([] !== $shims) {
                $stacks[] = $shims;
            }
        }

        return [] === $stacks ? throw new \LogicException('A shelf that is not empty offers a stack.') : $stacks;
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function isBetter(array $a, array $b): bool
    {
        if (\count($a) !== \count($b)) {
            return \count($a) < \count($b);
        }
        foreach ($a as $i => $size) {
            if (abs($size - $b[$i]) > self::NANOMETRE) {
                return $size > $b[$i];
            }
        }

        return false;
    }
}
