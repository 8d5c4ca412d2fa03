<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Intake\CaseFile;
use App\Verdict\Repository\CustodyRepository;

/** Chains of custody of the parts of a case. */
final readonly class Custodies
{
    public function __construct(private CustodyRepository $custodies)
    {
    }

    /** @return array<string, list<Custody>> by part, the earliest first */
    public function byPart(CaseFile $case): array
    {
        $of = [];
        foreach ($this->custodies->byPart($case) as $one) {
            $of[$one->part][] = $one;
        }

        return $of;
    }

    public function hasSent(CaseFile $case): bool
    {
        return null !== $this->custodies->firstSent($case);
    }
}
