<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

/** Which way running moves a size. */
enum Wear: string
{
    case Smaller = 'smaller';
    case Larger = 'larger';
}
