<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Actor;
use App\Claims\Repository\ClaimPapersRepository;
use App\Report\ReportState;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;

use function Symfony\Component\Clock\now;

/** The one way in for a step of a claim: whether it may take it, and that it does. */
final readonly class ClaimSteps
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private Claims $claims,
        private ClaimPapersRepository $papers,
    ) {
    }

    /**
     * @param \DateTimeImmutable|null $answerBy the day by which they should have answered
     *
     * @throws \DomainException saying what is wrong
     */
    public function take(Claim $claim, ClaimStep $step, ?\DateTimeImmutable $answerBy, Actor $who): void
    {
        $move = new ClaimMove($claim, $step, $who, $this->allowed($claim, $step));
        $claim->awaits($answerBy);
        $this->entityManager->persist($move);
        $this->entityManager->flush();
    }

    /** Of a claim that is sent, the papers that go with it. */
    private function allowed(Claim $claim, ClaimStep $step): ?ClaimPapers
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
