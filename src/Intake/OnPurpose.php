<?php

declare(strict_types=1);

namespace App\Intake;

/** Tells what an earlier build of the same unit put in otherwise than the book says, and why. */
interface OnPurpose
{
    /** @return list<Meant> of the earlier cases of its serial, the newest first */
    public function before(CaseFile $case): array;
}
