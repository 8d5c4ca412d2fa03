<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** In which way a gauge is laid to a surface. */
enum TakenAs: string
{
    /** Over it, from one side to the other: a diameter, a width. */
    case Across = 'across';
    /** Within it, from wall to wall. */
    case Bore = 'bore';
    /** Along the axis, from end to end: a length, a thickness. */
    case Along = 'along';
    /** Into it, from the face around it. */
    case Depth = 'depth';
    /** Against it: an indicator, a straight edge. */
    case Face = 'face';
    /** Between it and what runs on it. */
    case Gap = 'gap';

    public function label(): string
    {
        return match ($this) {
            self::Across => 'over', self::Bore => 'inside', self::Along => 'along', self::Depth => 'into', self::Face => 'against',
            self::Gap => 'beside',
        };
    }
}
