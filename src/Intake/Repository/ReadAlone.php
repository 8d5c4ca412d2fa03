<?php

declare(strict_types=1);

namespace App\Intake\Repository;

/** What is kept of a case and read apart from the rest: it is large, or comes with what belongs to it. */
interface ReadAlone
{
}
