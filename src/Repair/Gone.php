<?php

declare(strict_types=1);

namespace App\Repair;

use App\Intake\CaseFile;

/** Tells the repair whether its unit has left the shop. */
interface Gone
{
    public function isOut(CaseFile $case): bool;
}
