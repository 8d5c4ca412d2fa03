<?php

declare(strict_types=1);

namespace Japhrex\Core\Laboratory;

/** What a value of a laboratory is. */
enum LabState: string
{
    case Normal = 'normal';
    case Watch = 'watch';
    case Bad = 'bad';

    /** There is nothing to judge it by: the fresh fluid's is not known, or nobody knows what it is. */
    case Open = 'open';

    public function label(): string
    {
        return match ($this) {
            self::Normal => 'as it should be', self::Watch => 'worth a look', self::Bad => 'bad', self::Open => 'nothing to judge it by',
        };
    }
}
