<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Intake\CaseFile;

/** Tells the strip run what was seen of the parts that a step takes off. */
interface SeenParts
{
    /** @return array<string, SeenPart> by part, for every part of the book */
    public function seenOf(CaseFile $case): array;

    /** @return array<string, list<LookAnswer>> step/words of a look before a part comes off => what was answered */
    public function answersOf(CaseFile $case): array;
}
