<?php

declare(strict_types=1);

namespace App\Evidence;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** What a later stage does when a look has found something. */
#[AutoconfigureTag(self::TAG)]
interface AfterFinding
{
    public const TAG = 'app.after_finding';

    /** Before it is written; what this changes is written with it. */
    public function found(Finding $finding): void;
}
