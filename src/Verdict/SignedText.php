<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Intake\CaseFile;

/** The words of the report, taken when the second signs: whatever is made of a signed case later says the same. */
interface SignedText
{
    public function write(CaseFile $case, Verdict $verdict): ReportWords;
}
