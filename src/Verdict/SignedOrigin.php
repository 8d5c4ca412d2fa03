<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\EarlierOrigin;
use App\Intake\CaseFile;
use App\Verdict\Repository\VerdictRepository;

final readonly class SignedOrigin implements EarlierOrigin
{
    public function __construct(private VerdictRepository $verdicts)
    {
    }

    public function originOf(CaseFile $earlier): ?string
    {
        foreach ($this->verdicts->revisions($earlier) as $verdict) {
            if ($verdict->isSigned()) {
                return implode(
                    '; ',
                    array_unique(
                        array_map(
                            static fn (Explained $one): string => $one->by->causeNotFound
                                ? 'cause not found'
                                : (string) $one->by->origin?->name,
                            $verdict->explained(),
                        )
                    ),
                );
            }
        }

        return null;
    }
}
