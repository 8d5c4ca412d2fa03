<?php

declare(strict_types=1);

namespace App\Books;

/** Parts that cases of a family speak of: they cannot leave its book. */
interface PartsInUse
{
    /** @return array<string, string> part => number of a case that has a finding on it */
    public function partsOfFamily(string $family): array;
}
