<?php

declare(strict_types=1);

namespace App\Intake;

/** What was photographed of a unit as it came, and what of it was here before. */
interface ArrivalEvidence
{
    /** @return array<string, mixed> what the intake page shows of it: `photos`, `clips`, `wanted`, `carried` */
    public function shown(CaseFile $case): array;

    /** Is there a photo of the unit as it came? */
    public function isPhotographed(CaseFile $case): bool;
}
