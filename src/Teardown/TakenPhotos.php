<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Intake\CaseFile;

/** Tells the strip run whether parts were photographed before they came off. */
interface TakenPhotos
{
    /** @param list<string> $parts */
    public function anyOf(CaseFile $case, array $parts): bool;
}
