<?php

declare(strict_types=1);

namespace App\Claims;

use App\Claims\Repository\ClaimPapersRepository;
use App\Report\ReportState;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;

use function Symfony\Component\Clock\now;

/** Whether a claim may take a step. */
final readonly class ClaimSteps
{
    public function __construct(
        private Claims $claims,
        private ClaimPapersRepository $papers,
    ) {
    }

    /** Throws what is wrong; of a claim that is sent, gives the papers that go with it. */
    public function allowed(Claim $claim, ClaimStep $step): ?ClaimPapers
    {
        $steps = $claim->steps();
        $sum = $this->claims->sum($claim) ?? throw ClaimError::noEdition();
        $wrong = $step->after($steps[\count($steps) - 1] ?? null, $sum->total, $this->claims->missing($claim), now('tomorrow -1 second'));
        if (null !== $wrong) {
            throw ClaimError::refused($wrong);
        }
        if (ClaimState::Sent !== $step->state) {
            return null;
        }
        $papers = $this->papers->newestFirst($claim, 1)[0] ?? null;
        if (ReportState::Ready !== $papers?->state || $papers->version !== $claim->version) {
            throw ClaimError::papersBehind(null !== $papers);
        }

        return $papers;
    }
}
