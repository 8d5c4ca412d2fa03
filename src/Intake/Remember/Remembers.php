<?php

declare(strict_types=1);

namespace App\Intake\Remember;

use App\Intake\CaseFile;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** What a stage adds to what a case is found by, compared with and counted under. */
#[AutoconfigureTag(self::TAG)]
interface Remembers
{
    public const TAG = 'app.remembers';

    public function remember(CaseFile $case, Remembered $memory): void;
}
