<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use Japhrex\Core\Repair\BoundByLimits;

/** What the limits of a case let become of its parts. */
interface PartLimits
{
    /**
     * @param PartRecord|null $typed of a part, as it is to be kept: its duty counts at once
     *
     * @return array<string, BoundByLimits> by part, for every part of the book
     */
    public function boundOf(CaseFile $case, ?PartRecord $typed = null): array;
}
