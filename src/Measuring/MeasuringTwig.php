<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Twig\Attribute\AsTwigFilter;
use Twig\Attribute\AsTwigFunction;

/** Quantities in the units of the person who reads, and the scale picture of a verdict. */
final readonly class MeasuringTwig
{
    private const WIDTH = 240.0;

    public function __construct(private CurrentPerson $person)
    {
    }

    /** The picture behind a limit, a new size: in this person's units. */
    #[AsTwigFilter('in_units')]
    public function inUnits(?Quantity $quantity): string
    {
        return null === $quantity ? '' : $this->person->units()->show($quantity->si, $quantity->dimension);
    }

    /** In which unit a number without one is meant in a field, with the unit that the bench has chosen. */
    #[AsTwigFunction('bare_unit')]
    public function bareUnit(Field $field, string $chosen): string
    {
        return ReadingEntry::bare($field, $chosen, $this->person->units());
    }

    #[AsTwigFunction('show_si')]
    public function showSi(float $si, Dimension $dimension): string
    {
        return $this->person->units()->show($si, $dimension);
    }

    /**
     * Positions (0 to 240) on the scale picture: the worst place with its guard band, the others as they lie.
     */
    #[AsTwigFunction('scale_of')]
    public function scale(FieldAssessment $field): ScalePicture
    {
        $assessment = $field->atWorst();
        [$low, $high] = $field->scale();
        $x = static fn (float $si): float => round(($si - $low) / ($high - $low) * self::WIDTH, 2);
        $limits = $assessment->limits;

        return new ScalePicture(
            $x($assessment->mean),
            $x($assessment->mean - $assessment->guard),
            $x($assessment->mean + $assessment->guard),
            array_values(
                array_map(
                    static fn (JudgedPlace $one): float => $x($one->assessment->mean),
                    array_filter($field->places, static fn (JudgedPlace $one): bool => $one !== $field->worst),
                )
            ),
            null === $limits->min ? null : $x($limits->min->si),
            null === $limits->max ? null : $x($limits->max->si),
            null === $limits->new ? null : $x($limits->new->si),
            self::WIDTH,
        );
    }
}
