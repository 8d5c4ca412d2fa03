<?php

declare(strict_types=1);

namespace App\Chain;

use App\Intake\CaseFile;

/** What an earlier case was signed with; answered further along the walk. */
interface EarlierOrigin
{
    /** Null when it was never signed. */
    public function originOf(CaseFile $earlier): ?string;
}
