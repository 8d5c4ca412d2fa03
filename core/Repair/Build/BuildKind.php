<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

/** What a step of the build asks for. */
enum BuildKind: string
{
    /** Everything clean, orifices blown through. */
    case Clean = 'clean';

    /** Parts go in: facings, mates, counts. */
    case Fit = 'fit';

    /** A size between two others is read. */
    case Play = 'play';

    /** Fasteners are tightened, in order and rounds. */
    case Torque = 'torque';

    /** Done as the book says. */
    case Task = 'task';

    /** A small thing that gets forgotten is done, and signed for itself. */
    case Act = 'act';

    /** How parts stand that are right together or wrong together. */
    case Position = 'position';

    /** Turned by hand. */
    case Turn = 'turn';
}
