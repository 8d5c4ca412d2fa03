<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What the finds say of somebody's theory. */
enum TheoryAnswer: string
{
    case Refuted = 'refuted';
    case Open = 'open';
    case Supported = 'supported';
}
