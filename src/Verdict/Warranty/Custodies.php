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

    /** @return list<Custody> parts that are kept or out, and whose day has come: somebody decides */
    public function due(CaseFile $case, \DateTimeImmutable $today): array
    {
        $last = array_map(static fn (array $entries): Custody => $entries[\count($entries) - 1], $this->byPart($case));

        return array_values(array_filter($last, static fn (Custody $one): bool => $one->isDue($today)));
    }

    public function hasSent(CaseFile $case): bool
    {
        return null !== $this->custodies->firstSent($case);
    }
}
