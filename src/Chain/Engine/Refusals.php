<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Refusal;
use App\Chain\Repository\RefusalRepository;
use App\Intake\CaseFile;

/** What was refused in a case. */
final readonly class Refusals
{
    public function __construct(private RefusalRepository $refusals)
    {
    }

    /** @return list<Refusal> */
    public function ofCase(CaseFile $case): array
    {
        return $this->refusals->ofCase($case);
    }

    /** @return array<string, string> links that were refused => why */
    public function links(CaseFile $case): array
    {
        return $this->reasons($case, true);
    }

    /** @return array<string, string> origins that were refused => why */
    public function origins(CaseFile $case): array
    {
        return $this->reasons($case, false);
    }

    /** @return array<string, string> */
    private function reasons(CaseFile $case, bool $links): array
    {
        $reasons = [];
        foreach ($this->ofCase($case) as $one) {
            if ($one->isOfALink() === $links) {
                $reasons[$one->subject] = $one->reason;
            }
        }

        return $reasons;
    }
}
