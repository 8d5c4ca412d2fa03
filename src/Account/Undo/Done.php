<?php

declare(strict_types=1);

namespace App\Account\Undo;

enum Done: string
{
    case Added = 'added';
    case Changed = 'changed';
    case Removed = 'removed';
}
