<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use Symfony\Component\Uid\Uuid;

/** The steps of the proof on which a decision about a part may hang; told by the stage that proves. */
interface Conditions
{
    /** @return list<string> titles of all steps */
    public function steps(CaseFile $case): array;

    /** @return array<string, Uuid> titles of those that are missed now => the entry that says so; ids are in order of time */
    public function missed(CaseFile $case): array;
}
