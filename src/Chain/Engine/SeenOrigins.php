<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Intake\CaseFile;
use Japhrex\Core\Chain\Ground\RateLevel;

/** How the shop's closed cases began; the memory of the shop keeps the counts. */
interface SeenOrigins
{
    /** @return list<RateLevel> of cases besides this one: its family first, then its model and its customer where there are any */
    public function levels(CaseFile $besides): array;
}
