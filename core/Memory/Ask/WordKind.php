<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** What a word of the books may name. */
enum WordKind: string
{
    case Family = 'family';
    case Part = 'part';
    case Surface = 'surface';
    case Mode = 'damage';
    case Reading = 'reading';
    case Complaint = 'complaint';
    case Origin = 'origin';
}
