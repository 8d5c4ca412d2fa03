<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Input\Stock;
use Japhrex\Core\Figure\Input\Stocked;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** What somebody writes of a step, judged: done, or stopped with what can be done. */
final readonly class BuildAnswer
{
    /** A wrench that is set within this share of the target is set right. */
    private const WRENCH = 0.05;

    /** @param list<string> $says what was found, and what can be done */
    private function __construct(public bool $done, public array $says)
    {
    }

    /**
     * @param array{
     *     readings?: string, present?: string, stock?: string, most?: string, counts?: array<string, string>,
     *     facings?: list<string>, mates?: list<string>, torque?: string, rounds?: list<string>, turns?: string,
     *     cleaned?: list<string>, done?: string,
     * } $typed
     * @param bool $photo is there a picture of it?
     * @param \Closure(float): string $length how a length is written
     *
     * @throws BuildError saying what is missing or cannot be read; nothing is kept then
     */
    public static function of(BuildStep $step, array $typed, bool $photo, \Closure $length): self
    {
        return match ($step->kind) {
            BuildKind::Clean => self::clean($typed['cleaned'] ?? []),
            BuildKind::Fit => self::fit($step, $typed['counts'] ?? [], $typed['facings'] ?? [], $typed['mates'] ?? [], $photo),
            BuildKind::Play => self::play($step, $typed, $length),
            BuildKind::Torque => self::torque($step, $typed['torque'] ?? '', $typed['rounds'] ?? []),
            BuildKind::Turn => self::turn($step, $typed['turns'] ?? ''),
            BuildKind::Task => '' === ($typed['done'] ?? '')
                ? throw BuildError::notTicked()
                : new self(true, []),
        };
    }

    /** @param list<string> $cleaned */
    private static function clean(array $cleaned): self
    {
        $missing = array_diff(array_keys(BuildError::CLEAN), $cleaned);

        return [] === $missing ? new self(true, []) : throw BuildError::notClean($missing);
    }

    /**
     * @param array<string, string> $counts
     * @param list<string> $facings
     * @param list<string> $mates numbers of the pairs that were looked at, from 0
     */
    private static function fit(BuildStep $step, array $counts, array $facings, array $mates, bool $photo): self
    {
        foreach ($step->facings as $facing) {
            if (!\in_array($facing->part, $facings, true)) {
                throw BuildError::facing($facing->right);
            }
        }
        foreach ($step->mates as $i => $mate) {
            if (!\in_array((string) $i, $mates, true)) {
                throw BuildError::pair($mate);
            }
        }
        foreach ($step->counts as $count) {
            $typed = trim($counts[$count->what] ?? '');
            if (1 !== preg_match('/^\d{1,4}$/', $typed)) {
                throw BuildError::count($count->what, $count->count);
            }
            if ((int) $typed !== $count->count) {
                return new self(
                    false,
                    [
                        \sprintf(
                            '%d %s are in, %d came out. Find the difference before anything covers it.',
                            (int) $typed,
                            $count->what,
                            $count->count,
                        ),
                    ],
                );
            }
        }
        if ($step->asksForAPhoto() && !$photo) {
            throw BuildError::noPicture();
        }

        return new self(true, []);
    }

    /**
     * @param array{readings?: string, present?: string, stock?: string, most?: string, ...} $typed
     * @param \Closure(float): string $length
     */
    private static function play(BuildStep $step, array $typed, \Closure $length): self
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

        return new self(
            $check->fits,
            $check->fits ? [\sprintf('%s, as wanted.', $length($check->play))] : [
                ...$check->advice($window, $length),
                ...(
                    $spread > $window->high - $window->low ? [
                        \sprintf(
                            'The places differ by %s, more than the window is wide: no shim puts that right. Look for dirt, a '
                                .'burr or a face out of true.',
                            $length($spread),
                        ),
                    ] : []
                ),
            ],
        );
    }

    /** @param list<string> $rounds */
    private static function torque(BuildStep $step, string $typed, array $rounds): self
    {
        try {
            $set = Quantity::parse($typed, Dimension::Torque);
        } catch (QuantityError) {
            throw BuildError::noTorque();
        }
        [$low, $high] = $step->torqueBand(self::WRENCH);
        if (!Quantity::atMost($low, $set->si, Dimension::Torque) || !Quantity::atMost($set->si, $high, Dimension::Torque)) {
            $what = $step->tab ? 'The tab lined up at' : 'The wrench is set to';
            $then = match (true) {
                !$step->tab => 'Slacken what was tightened, set it anew, and begin at the first fastener.',
                $set->si < $low => 'Go on until a slot lines up within the band; never back.',
                default => 'Slacken it, take another tab washer or turn it over, and begin at the lower value again; never back.',
            };

            return new self(false, [\sprintf('%s %s, the book says %s. %s', $what, $typed, $step->value, $then)]);
        }
        $missing = array_diff(array_map(strval(...), range(1, $step->rounds)), $rounds);

        return [] === $missing
            ? new self(true, [])
            : throw BuildError::roundsOpen(implode(' and ', $missing), $step->rounds);
    }

    private static function turn(BuildStep $step, string $turns): self
    {
        return match ($turns) {
            'even' => new self(true, []),
            'catches' => new self(false, [$step->catch]),
            default => throw BuildError::notTurned(),
        };
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
