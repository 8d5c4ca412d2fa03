<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Measures;
use Japhrex\Core\Quantity\Dimension;

/** What a reading is about, and to which side it is beyond its limit. */
enum ReadingSays: string
{
    /** Worn: a gap larger, a thickness smaller than allowed. */
    case Worn = 'worn';
    /** Beyond the limit to which nothing wears: a gap too small, a part too thick. */
    case OtherSide = 'other-side';
    case OutOfShape = 'out-of-shape';
    case OutOfLine = 'out-of-line';
    /** A shaft or hub that runs out. */
    case Bent = 'bent';
    /** It does not hold the pressure that was put on it. */
    case Leaks = 'leaks';
    case PressureHigh = 'pressure-high';
    case PressureLow = 'pressure-low';
    case FlowLow = 'flow-low';
    case VacuumHigh = 'vacuum-high';
    case CasePressure = 'case-pressure';
    case TooHot = 'too-hot';
    case TooSoft = 'too-soft';
    case TooLoose = 'too-loose';
    case TooTight = 'too-tight';

    public const LARGE = 'too-large';
    public const SMALL = 'too-small';

    /** @param Field|null $field null: of no field of the book, and it speaks of wear */
    public static function ofField(string $direction, ?Field $field): self
    {
        return match ($field?->measures) {
            Measures::Line => self::OutOfLine,
            Measures::RunOut => self::Bent,
            Measures::CasePressure => self::CasePressure,
            Measures::Tightness => self::Leaks,
            null => self::ofDimension($direction, $field),
        };
    }

    private static function ofDimension(string $direction, ?Field $field): self
    {
        return match ($field?->dimension) {
            Dimension::Pressure => self::LARGE === $direction ? self::PressureHigh : self::PressureLow,
            Dimension::Temperature => self::TooHot,
            Dimension::Flow => self::SMALL === $direction ? self::FlowLow : self::ofSize($direction, $field->wearsLarger()),
            default => self::ofSize($direction, $field?->wearsLarger()),
        };
    }

    /** @param bool|null $wearsLarger does the size grow with wear? null: nobody knows, and it speaks of wear */
    public static function ofSize(string $direction, ?bool $wearsLarger): self
    {
        return null === $wearsLarger || (self::LARGE === $direction) === $wearsLarger ? self::Worn : self::OtherSide;
    }

    /** @return list<string> as somebody tells them */
    public static function directions(): array
    {
        $told = array_map(static fn (self $one): string => $one->value, self::cases());

        return [self::LARGE, self::SMALL, ...array_values(array_diff($told, [self::Worn->value, self::OtherSide->value]))];
    }
}
