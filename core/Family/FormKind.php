<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How the places of a reading lie to each other. */
enum FormKind: string
{
    case Section = 'section';
    case Along = 'along';
    case Face = 'face';
}
