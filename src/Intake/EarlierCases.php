<?php

declare(strict_types=1);

namespace App\Intake;

use App\Intake\Repository\CaseFileRepository;

/** What was here under a serial before, and what of it can come back. */
final readonly class EarlierCases
{
    public function __construct(private CaseFileRepository $cases, private WentOut $went)
    {
    }

    /** @return list<EarlierCase> the newest first */
    public function of(string $serial, ?CaseFile $besides = null): array
    {
        $cases = $this->cases->earlier($serial, $besides);
        $out = $this->went->out($cases);

        return array_map(static fn (CaseFile $case): EarlierCase => new EarlierCase($case, isset($out[(string) $case->id])), $cases);
    }
}
