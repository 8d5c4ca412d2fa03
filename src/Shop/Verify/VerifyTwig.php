<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Intake\CaseFile;
use Twig\Attribute\AsTwigFunction;

/** The alarm of the last check, on the floor and over the case. */
final readonly class VerifyTwig
{
    public function __construct(private Verification $verification)
    {
    }

    /** @return list<string> */
    #[AsTwigFunction('alarms')]
    public function alarms(?CaseFile $case = null): array
    {
        return $this->verification->alarms($case?->number);
    }
}
