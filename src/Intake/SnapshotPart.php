<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** What a stage adds to the document that is signed. */
#[AutoconfigureTag(self::TAG)]
interface SnapshotPart
{
    public const TAG = 'app.snapshot_part';

    /** @return array<string, mixed> by the names that the document's schema gives them */
    public function snapshot(CaseFile $case): array;
}
