<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

use Japhrex\Core\Quantity\Dimension;

/** What can be measured in a picture. */
enum MeasureKind: string
{
    case Length = 'length';
    case Width = 'width';
    case Diameter = 'diameter';
    case Angle = 'angle';
    case Area = 'area';
    case Share = 'share';
    case Count = 'count';
    case Contact = 'contact';

    public function label(): string
    {
        return match ($this) {
            self::Length => 'Length', self::Width => 'Width across a groove', self::Diameter => 'Diameter', self::Angle => 'Angle',
            self::Area => 'Area', self::Share => 'Share of a face', self::Count => 'Count in a region', self::Contact => 'Contact pattern',
        };
    }

    /** What it measures; of a contact pattern, the share of the face. */
    public function dimension(): Dimension
    {
        return match ($this) {
            self::Length, self::Width, self::Diameter => Dimension::Length,
            self::Angle => Dimension::Angle,
            self::Area => Dimension::Area,
            self::Share, self::Contact => Dimension::Ratio,
            self::Count => Dimension::Number,
        };
    }

    /** What to set on the picture, in words. */
    public function how(): string
    {
        return match ($this) {
            self::Length => 'Both ends.',
            self::Width => 'Two points along one edge, one point on the other.',
            self::Diameter => 'Three points on the circle, well apart.',
            self::Angle => 'A point on one leg, the corner, a point on the other leg.',
            self::Area => 'The outline, point by point.',
            self::Share => 'The outline of the face, then the outline of the damage in it.',
            self::Count => 'The outline of the region, then a point on each.',
            self::Contact => 'The outline of the face, then the outline of the contact in it.',
        };
    }

    /** How many points it takes; null: an outline, or one and what lies in it. */
    public function points(): ?int
    {
        return match ($this) {
            self::Length => 2, self::Width, self::Diameter, self::Angle => 3, default => null,
        };
    }

    /** Is it told as something in something, as two lists of points? */
    public function isTwofold(): bool
    {
        return \in_array($this, [self::Share, self::Count, self::Contact], true);
    }

    /** Can it be told without a ruler? A share or a count only bears a slant when there is one. */
    public function needsRuler(): bool
    {
        return \in_array($this, [self::Length, self::Width, self::Diameter, self::Area], true);
    }
}
