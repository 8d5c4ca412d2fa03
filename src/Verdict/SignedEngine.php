<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\Engine\Opinion;
use App\Chain\Engine\SignedOpinion;
use App\Intake\CaseFile;
use App\Verdict\Repository\VerdictRepository;

/**
 * What the engine said, out of the snapshot of the signing.
 *
 * @phpstan-import-type OpinionData from Opinion
 */
final readonly class SignedEngine implements SignedOpinion
{
    public function __construct(private VerdictRepository $verdicts)
    {
    }

    public function opinionAsSigned(CaseFile $case): ?array
    {
        /** @var OpinionData|null $signed */
        $signed = $case->isSigned() ? $this->verdicts->last($case)?->snapshot()['engine'] ?? null : null;

        return $signed;
    }
}
