<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Intake\CaseFile;
use Japhrex\Core\Chain\Rest\TheRest;

/** What of the parts that lie on the bench may be called clean in one act. */
interface RestOfBench
{
    /** @param list<string>|null $among only of these parts; null: of the unit */
    public function of(CaseFile $case, ?array $among = null): TheRest;
}
