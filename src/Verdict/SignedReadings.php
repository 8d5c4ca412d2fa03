<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Measuring\SignedVerdicts;
use App\Verdict\Repository\VerdictRepository;

final readonly class SignedReadings implements SignedVerdicts
{
    public function __construct(private VerdictRepository $repository, private KeptOfCase $kept)
    {
    }

    public function verdictsAsSigned(CaseFile $case): array
    {
        return $case->isSigned() ? $this->kept->of($case, 'verdicts as signed', fn (): array => $this->verdicts($case)) : [];
    }

    /** @return array<string, string> */
    private function verdicts(CaseFile $case): array
    {
        $readings = $this->repository->last($case)?->snapshot()['readings'] ?? [];
        $signed = [];
        foreach (\is_array($readings) ? $readings : [] as $one) {
            if (
                \is_array($one)
                    && \is_string($one['part'] ?? null)
                    && \is_string($one['field'] ?? null)
                    && \is_string($one['verdict'] ?? null)
            ) {
                $signed[$one['part'].'/'.$one['field']] = $one['verdict'];
            }
        }

        return $signed;
    }
}
