<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a position of a set is: as it belongs, working otherwise, or of no use. */
enum PositionIs: string
{
    case Right = 'right';

    /** It works, but not as this unit is asked to: the other rotation, another range. It is put in on purpose or not at all. */
    case Other = 'other';

    case Wrong = 'wrong';
}
