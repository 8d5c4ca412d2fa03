<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;

/** What was signed of the readings of a case: it is never judged anew. */
interface SignedVerdicts
{
    /** @return array<string, string> verdict by `part/field`; none while the case is open */
    public function verdictsAsSigned(CaseFile $case): array;
}
