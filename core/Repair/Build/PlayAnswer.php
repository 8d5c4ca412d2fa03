<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Input\Stock;
use Japhrex\Core\Figure\Input\Stocked;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/**
 * A play that was read, against what is wanted.
 *
 * @phpstan-import-type Said from BuildAnswer
 */
final class PlayAnswer
{
    /**
     * @param Said $typed
     * @param \Closure(float): string $length
     *
     * @throws BuildError if it cannot be read
     */
    public static function of(BuildStep $step, array $typed, \Closure $length): BuildAnswer
    {
        $window = $step->window ?? throw new \LogicException('A play has a window.');
        try {
            $readings = self::lengths($typed['readings'] ?? '');
            $shelf = (new Stock())->take($typed['stock'] ?? '', Dimension::Length)->value;
            $stock = array_values(
                array_map(
                    static fn (mixed $one): array => $one instanceof Stocked ? [$one->size->si, $one->pieces] : [0.0, 0],
                    \is_array($shelf) ? $shelf : [],
                )
            );
            $present = self::lengths($typed['present'] ?? '');
        } catch (QuantityError|FigureError $e) {
            throw BuildError::reading($e->getMessage());
        }
        if ([] === $readings) {
            throw BuildError::nothingRead();
        }
        $most = max(1, min(4, (int) ($typed['most'] ?? 1)));
        // Each place is a play of its own: the one farthest from the middle of what is wanted counts.
        usort(
            $readings,
            static fn (float $a, float $b): int => abs(
                $b - ($window->low + $window->high) / 2
            ) <=> abs($a - ($window->low + $window->high) / 2),
        );
        $check = PlayCheck::of($readings[0], $window, $present, $stock, $most);
        $spread = max($readings) - min($readings);

        if ($check->fits) {
            return BuildAnswer::done([\sprintf('%s, as wanted.', $length($check->play))]);
        }

        return BuildAnswer::stopped([
            ...$check->advice($window, $length),
            ...(
                $spread > $window->high - $window->low
                    ? [
                        \sprintf(
                            'The places differ by %s, more than the window is wide: no shim puts that right. Look for dirt, a '
                                .'burr or a face out of true.',
                            $length($spread),
                        ),
                    ]
                    : []
            ),
        ]);
    }

    /**
     * @return list<float>
     *
     * @throws QuantityError if one cannot be read
     */
    private static function lengths(string $typed): array
    {
        return array_map(
            static fn (string $one): float => Quantity::parse(trim($one), Dimension::Length)->si,
            array_values(array_filter(explode(';', $typed), static fn (string $one): bool => '' !== trim($one))),
        );
    }
}
