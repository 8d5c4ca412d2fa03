<?php

declare(strict_types=1);

namespace App\Library;

use App\Intake\CaseFile;
use App\Library\Repository\SchoolPickRepository;

/** What the shop does where schools differ, and what was done in a case. */
final readonly class SchoolPicks
{
    public function __construct(private SchoolPickRepository $picks)
    {
    }

    /** @return array<string, SchoolPick> by choice */
    public function taken(string $family, ?CaseFile $case = null): array
    {
        $picks = [];
        foreach ($this->picks->taken($family, $case) as $pick) {
            $picks[$pick->choice] = $pick;
        }

        return $picks;
    }
}
