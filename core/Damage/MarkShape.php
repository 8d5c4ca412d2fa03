<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

use Japhrex\Core\Quantity\BareNumber;

/** A mark drawn over a photo. Points are shares of the picture's width and height, 0 to 1, upright. */
enum MarkShape: string
{
    case Line = 'line';
    case Box = 'box';
    case Outline = 'outline';
    case Arrow = 'arrow';
    case Point = 'point';
    case Ellipse = 'ellipse';
    /** A freehand stroke. */
    case Stroke = 'stroke';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /**
     * Checks the points of a mark.
     *
     * @param array<mixed> $points
     *
     * @return list<array{float, float}>
     *
     * @throws MarkError saying what was expected
     */
    public function points(array $points): array
    {
        $checked = [];
        foreach ($points as $point) {
            if (
                !\is_array($point)
                    || 2 !== \count($point)
                    || !array_is_list($point)
                    || null === BareNumber::of($point[0])
                    || null === BareNumber::of($point[1])
            ) {
                throw MarkError::noPoints();
            }
            [$x, $y] = [(float) $point[0], (float) $point[1]];
            if (!($x >= 0 && $x <= 1 && $y >= 0 && $y <= 1)) {
                throw MarkError::outside();
            }
            $checked[] = [$x, $y];
        }
        $count = \count($checked);
        [$least, $most, $wanted] = match ($this) {
            self::Point => [1, 1, 'A point is one place.'],
            self::Outline => [3, 500, 'An outline has three points or more, at most 500.'],
            self::Stroke => [2, 500, 'A stroke has two points or more, at most 500.'],
            default => [2, 2, \sprintf('A %s has two points.', $this->value)],
        };
        if ($count < $least || $count > $most) {
            throw MarkError::count($wanted);
        }
        if (2 === $most && abs($checked[0][0] - $checked[1][0]) + abs($checked[0][1] - $checked[1][1]) < 0.002) {
            throw MarkError::tooSmall();
        }

        return $checked;
    }
}
