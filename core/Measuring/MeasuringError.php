<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** A limit, a gauge or a size that cannot be judged with. The message says what would be right. */
final class MeasuringError extends \DomainException
{
    public static function otherUnit(string $what, string $dimension, string $asks): self
    {
        return new self(\sprintf('%s is read in %s: expected a limit such as %s.', $what, $dimension, $asks));
    }

    public static function noSource(): self
    {
        return new self('Where is it written? A limit without its source counts for nothing in a dispute.');
    }

    /** @param string $by with its unit */
    public static function gearStandsProud(string $by): self
    {
        return new self(\sprintf(
            'The gear stands proud: it is %s thicker than its pocket is deep. Measure both again, on clean faces without burrs.',
            $by,
        ));
    }

    /** @param string $by with its unit */
    public static function tipsAreLarger(string $by): self
    {
        return new self(\sprintf('The gear does not go into the bore: its tips are %s larger. Measure both again.', $by));
    }

    public static function confidence(): self
    {
        return new self('A confidence is from 50 % to under 100 %.');
    }

    public static function bracket(): self
    {
        return new self('The gauge that stops must be larger than the one that passes.');
    }

    public static function resolution(): self
    {
        return new self('A resolution is 0 or more.');
    }

    public static function uncertainty(): self
    {
        return new self('An expanded uncertainty is 0 or more.');
    }

    public static function noLimit(): self
    {
        return new self('No limit: give min, max or both.');
    }

    public static function kinds(string $one, string $other): self
    {
        return new self(\sprintf('New size and limits are of one kind; a %s does not go with a %s.', $one, $other));
    }

    public static function limitsCross(): self
    {
        return new self('The least size allowed (min) is above the largest (max); expected min ≤ max.');
    }

    public static function onePoint(): self
    {
        return new self('One point makes no line; expected two or more.');
    }

    public static function valueTwice(): self
    {
        return new self('The same value stands twice; expected each once.');
    }

    public static function noShim(): self
    {
        return new self('There is no shim on the shelf.');
    }

    public static function tooManyStacks(): self
    {
        return new self('So many sizes laid on each other make too many stacks to try; expected fewer sizes, or fewer shims in a stack.');
    }

    public static function newIsTheLimit(): self
    {
        return new self('The size when new is the limit: there is no wear allowance to use.');
    }

    public static function windowCrosses(): self
    {
        return new self('The least play is above the largest; expected low ≤ high.');
    }
}
