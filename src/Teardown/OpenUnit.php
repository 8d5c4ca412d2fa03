<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Actor;
use App\Intake\CaseFile;
use App\Teardown\Form\OpeningInput;
use App\Teardown\Repository\OpeningRepository;
use App\Teardown\Repository\StepRecordRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\BeforeOpening;
use Japhrex\Core\Teardown\OpeningError;
use Japhrex\Core\Teardown\StepState;

/** The one way in for what is done before a unit is opened, and whether it may be. */
final readonly class OpenUnit
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private OpeningRepository $openings,
        private StepRecordRepository $steps,
    ) {
    }

    /** @throws OpeningError saying what is missing; nothing is kept then */
    public function __invoke(CaseFile $case, OpeningInput $said, Actor $who): Opening
    {
        BeforeOpening::allow($said->ticked, $said->instead, $said->liquid, $said->precautions);
        $opening = new Opening($case, $said, $who);
        $this->entityManager->persist($opening);
        $this->entityManager->flush();

        return $opening;
    }

    public function said(CaseFile $case): ?Opening
    {
        return $this->openings->last($case);
    }

    /** Is it still to be said? What was begun before it was asked for goes on without. */
    public function isAsked(CaseFile $case): bool
    {
        $begun = array_filter($this->steps->ofCase($case), static fn (StepRecord $one): bool => StepState::Done === $one->state);

        return [] === $begun && null === $this->openings->last($case);
    }

    /** @throws OpeningError if a step takes parts out, and nothing was said before */
    public function mustBeSaid(CaseFile $case, StripStep $step): void
    {
        if ([] !== $step->removes && $this->isAsked($case)) {
            throw OpeningError::first();
        }
    }
}
