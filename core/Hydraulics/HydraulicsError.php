<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** An oil or a pump that cannot be: the message names the input at fault. */
final class HydraulicsError extends \DomainException
{
    public static function noMesh(): self
    {
        return new self('The gears do not mesh: over the tips they must measure more than the centre distance.');
    }

    public static function teethTooCoarse(): self
    {
        return new self('Teeth this coarse do not fit between these tips and centres: no volume would be moved. Check tip diameter, '
                    .'centre distance and teeth.');
    }

    public static function radii(): self
    {
        return new self('The inner radius of a face is smaller than the outer.');
    }

    public static function tooThin(): self
    {
        return new self('The viscosity at 100 °C is over 0.3 cSt.');
    }

    public static function thickerHot(): self
    {
        return new self('An oil is thicker at 40 °C than at 100 °C: v40 is above v100.');
    }

    public static function doesNotFlow(float $celsius): self
    {
        return new self(\sprintf('At %g °C an oil like this does not flow any more; check v40, v100 and the temperature.', $celsius));
    }
}
