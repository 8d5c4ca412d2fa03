<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** The size a part had when new, and between which sizes it may still be used. */
final readonly class Limits
{
    public Dimension $dimension;

    /** @throws MeasuringError if there is no limit, the least is above the most, or the dimensions differ */
    public function __construct(public ?Quantity $new, public ?Quantity $min, public ?Quantity $max)
    {
        $given = $min ?? $max ?? throw MeasuringError::noLimit();
        $this->dimension = $given->dimension;
        foreach ([$new, $min, $max] as $quantity) {
            if (null !== $quantity && $quantity->dimension !== $this->dimension) {
                throw MeasuringError::kinds($quantity->dimension->value, $this->dimension->value);
            }
        }
        if (null !== $min && null !== $max && $max->isBelow($min)) {
            throw MeasuringError::limitsCross();
        }
    }

    /**
     * What both allow: of two limits of a side the tighter one; the size when new from the first that gives it.
     *
     * @throws MeasuringError if they leave nothing between them
     */
    public function and(self $other): self
    {
        $min = null === $this->min || (null !== $other->min && $this->min->isBelow($other->min)) ? $other->min : $this->min;
        $max = null === $this->max || (null !== $other->max && $other->max->isBelow($this->max)) ? $other->max : $this->max;

        return new self($this->new ?? $other->new, $min, $max);
    }

    /** Does the size when new lie where these limits forbid it? Then one of them is wrong. */
    public function contradictNew(): bool
    {
        return null !== $this->new && !$this->hold($this->new->si, 0.0);
    }

    /** The same limits, nothing being known of the size when new. */
    public function withoutNew(): self
    {
        return new self(null, $this->min, $this->max);
    }

    /** Do both draw the same lines? */
    public function sameAs(self $other): bool
    {
        foreach ([[$this->min, $other->min], [$this->max, $other->max]] as [$a, $b]) {
            if ((null === $a) !== (null === $b) || (null !== $a && null !== $b && !$a->equals($b))) {
                return false;
            }
        }

        return true;
    }

    /** In SI: −∞ when there is no lower limit. */
    public function low(): float
    {
        return $this->min->si ?? -\INF;
    }

    /** In SI: +∞ when there is no upper limit. */
    public function high(): float
    {
        return $this->max->si ?? \INF;
    }

    /** Whether the value (SI) keeps a distance (SI) to both limits. */
    public function hold(float $x, float $guard): bool
    {
        return Quantity::atMost($this->low() + $guard, $x, $this->dimension)
            && Quantity::atMost($x, $this->high() - $guard, $this->dimension);
    }

    /** Whether the value (SI) is past a limit by more than a distance (SI). */
    public function excluded(float $x, float $guard): bool
    {
        return !Quantity::atMost($this->low() - $guard, $x, $this->dimension)
            || !Quantity::atMost($x, $this->high() + $guard, $this->dimension);
    }

    public function verdict(float $x, float $guard): LimitVerdict
    {
        return match (true) {
            $this->hold($x, $guard) => LimitVerdict::Within,
            $this->excluded($x, $guard) => LimitVerdict::Outside,
            default => LimitVerdict::Undecided,
        };
    }

    /** How much room (SI) the value has to the nearest limit; negative past it. */
    public function room(float $x): float
    {
        return min($x - $this->low(), $this->high() - $x);
    }

    /** Distance (SI) from the value to the nearest limit. */
    public function distance(float $x): float
    {
        return min(abs($x - $this->low()), abs($this->high() - $x));
    }

    /** Is the size when new one of the limits, so that no share of wear can be told? */
    public function newIsTheLimit(float $x): bool
    {
        $limit = $this->limitFacing($x);

        return null !== $this->new && null !== $limit && $limit->equals($this->new);
    }

    /**
     * The share of the wear allowance that is used: 0 when new, 1 at the limit.
     * Of two limits the one counts on whose side of `new` the value lies. Null when it cannot be told.
     */
    public function wearUsed(float $x): ?float
    {
        if (null === $this->new) {
            return null;
        }
        $limit = $this->limitFacing($x);
        if (null === $limit) {
            return 0.0;
        }

        return $limit->equals($this->new) ? null : ($this->new->si - $x) / ($this->new->si - $limit->si);
    }

    /** The limit on whose side of `new` the value (SI) lies; the only one there is; null when the value is the size when new. */
    public function limitFacing(float $x): ?Quantity
    {
        if (null === $this->min || null === $this->max || null === $this->new) {
            return $this->min ?? $this->max;
        }
        if (Quantity::same($x, $this->new->si, $this->dimension)) {
            return null;
        }

        return $x > $this->new->si ? $this->max : $this->min;
    }
}
