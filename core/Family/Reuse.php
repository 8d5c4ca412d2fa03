<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Whether a part may go back in at all. */
enum Reuse: string
{
    /** Its looks and readings decide. */
    case Inspect = 'inspect';
    /** It never goes back in, whatever it looks like. */
    case Never = 'never';
    /** Cheap enough that shops replace it every time. */
    case Policy = 'policy';
}
