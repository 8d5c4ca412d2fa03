<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\ShimShelf;
use Japhrex\Core\Measuring\Window;

/** A play that was read, and what brings it where it belongs. Lengths in metres. */
final readonly class PlayCheck
{
    private const NANOMETRE = 1e-9;

    /**
     * @param list<float>|null $pick shims to lay in, thickest first; null: none was asked for
     * @param float|null $with the play with them
     */
    private function __construct(public float $play, public bool $fits, public ?array $pick, public ?float $with, public bool $pickFits)
    {
    }

    /**
     * @param list<float> $present shims that are in now
     * @param list<array{float, int|null}> $stock shims on the shelf and how many; null: plenty
     *
     * @throws MeasuringError if there are too many stacks to try
     */
    public static function of(float $play, Window $window, array $present = [], array $stock = [], int $most = 1): self
    {
        $fits = $play >= $window->low - self::NANOMETRE && $play <= $window->high + self::NANOMETRE;
        if ($fits || [] === $stock) {
            return new self($play, $fits, null, null, false);
        }
        $bare = $play + array_sum($present);
        $pick = (new ShimShelf($stock))->pick($bare, $window, $most);
        $with = $bare - array_sum($pick);

        return new self($play, false, $pick, $with, $with >= $window->low - self::NANOMETRE && $with <= $window->high + self::NANOMETRE);
    }

    /**
     * What can be done.
     *
     * @param \Closure(float): string $length how a length is written
     *
     * @return list<string>
     */
    public function advice(Window $window, \Closure $length): array
    {
        if ($this->fits) {
            return [];
        }
        $loose = $this->play > $window->high;
        $said = [
            \sprintf(
                '%s is too %s by %s.',
                $length($this->play),
                $loose ? 'loose' : 'tight',
                $length($loose ? $this->play - $window->high : $window->low - $this->play),
            ),
        ];
        if (null !== $this->pick && null !== $this->with) {
            $shims = implode(' and ', array_map($length, $this->pick));
            $said[] = $this->pickFits
                ? \sprintf('Lay in %s: then it is %s.', $shims, $length($this->with))
                : \sprintf(
                    'No shim on the shelf sets it: the nearest, %s, gives %s. Order one of %s, or another plate.',
                    $shims,
                    $length($this->with),
                    $length(max(0.0, $this->with + array_sum($this->pick) - ($window->low + $window->high) / 2)),
                );
        }
        $said[] = $loose
            ? 'Or a thicker plate, ring or washer; when they run out, the worn part has to go.'
            : 'Or a thinner shim, plate or washer; or machining within the budget of the part.';

        return $said;
    }
}
