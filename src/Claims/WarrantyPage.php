<?php

declare(strict_types=1);

namespace App\Claims;

use App\Claims\Repository\ClaimRepository;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Proof\Repository\HandoverRepository;
use App\Repair\RepairDesk;
use App\Verdict\Repository\JointInspectionRepository;
use App\Verdict\Warranty\ComebackSheet;
use App\Verdict\Warranty\Custodies;
use App\Verdict\Warranty\Policies;
use Japhrex\Core\Verdict\Whereabouts;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;

/** What each policy says of a case, what the case was last time, and where its parts are. */
final readonly class WarrantyPage
{
    public function __construct(
        private CasePages $pages,
        private Policies $policies,
        private ClaimRepository $claims,
        private Custodies $custodies,
        private JointInspectionRepository $inspections,
        private ComebackSheet $comebacks,
        private HandoverRepository $handovers,
        private RepairDesk $repair,
    ) {
    }

    /** @param FormInterface<mixed> $form of the facts that the policies ask for */
    public function show(CaseFile $case, FormInterface $form, int $status = Response::HTTP_OK): Response
    {
        $comeback = $this->comebacks->compare($case);

        return $this->pages->show($case, 'claims/warranty.html.twig', [
            'form' => $form->createView(),
            'whereabouts' => Whereabouts::cases(),
            'warranties' => $this->policies->each($case),
            'claims' => $this->claims->ofCase($case),
            'custody' => $this->custodies->byPart($case),
            'inspections' => $this->inspections->ofCase($case),
            'comeback' => $comeback,
            'handover' => null === $case->comebackOf ? null : $this->handovers->handoverOf($case->comebackOf),
            'costs' => null === $comeback ? null : $this->repair->comebackCosts($case, $comeback->minutes),
        ], $status);
    }
}
