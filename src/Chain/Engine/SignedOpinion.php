<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Intake\CaseFile;

/**
 * What the engine said when a case was signed.
 *
 * @phpstan-import-type OpinionData from Opinion
 */
interface SignedOpinion
{
    /** @return OpinionData|null null: it is not signed */
    public function opinionAsSigned(CaseFile $case): ?array;
}
