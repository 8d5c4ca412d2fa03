<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;

/** The warranty policies as they were when it was signed; the facts that they ask for go on after that. */
final readonly class PoliciesSnapshot implements SnapshotPart
{
    public function __construct(private Policies $policies)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return ['policies' => $this->policies->asTheyAre()];
    }
}
