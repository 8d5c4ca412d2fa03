<?php

declare(strict_types=1);

namespace App\Account\Undo;

use App\Account\Audited;

/** Something of a case that can be taken back and put back. What somebody signs for is none of these: it is superseded. */
interface Undoable extends Audited
{
}
