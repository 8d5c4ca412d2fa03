<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\CurrentPerson;
use App\Account\OurShop;
use App\Account\Permission;
use App\Claims\Form\DraftInput;
use App\Claims\Form\MoveInput;
use App\Claims\Repository\ClaimRepository;
use App\Intake\CaseGate;
use App\Intake\Complaint;
use App\Intake\FormAnswer;
use App\Platform\Day;
use App\Platform\ShopError;
use App\Verdict\Explained;
use App\Verdict\Signing;
use App\Verdict\Warranty\Policies;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A claim is drafted, sent with its papers, and followed until it is settled. It goes on after the case is signed. */
final class ClaimController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly Claims $claims,
        private readonly CurrentPerson $person,
        private readonly ClaimRepository $claimRepository,
        private readonly ClaimPage $page,
    ) {
    }

    #[Route('/cases/{number}/claims', name: 'claim_draft', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function draft(string $number, #[MapRequestPayload] DraftInput $typed, Policies $policies, Signing $signing): Response
    {
        $case = $this->gate->find($number);
        $complaint = $case->complaints->findFirst(static fn (int $i, Complaint $one): bool => (string) $one->id === $typed->complaint);
        $about = array_values(
            array_filter($signing->current($case)->explained(), static fn (Explained $one): bool => $one->own() === $complaint)
        )[0] ?? null;
        $judged = $policies->one($case, $typed->policy, $about) ?? throw new ShopError(
            'That policy is not in force for this unit. Choose one of those on the warranty page.',
            422,
        );
        $this->entityManager->persist($claim = $this->claims->draft($case, $judged, $this->person->get(), $about?->own()));
        $this->entityManager->flush();

        return $this->to($claim);
    }

    #[Route('/cases/{number}/claims/{ordinal}', name: 'claim', requirements: ['ordinal' => '\d+'], methods: ['GET'])]
    public function show(string $number, int $ordinal): Response
    {
        return $this->page->show($this->find($number, $ordinal));
    }

    #[Route('/cases/{number}/claims/{ordinal}', name: 'claim_save', requirements: ['ordinal' => '\d+'], methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    public function save(string $number, int $ordinal, Request $request, FormAnswer $answer): Response
    {
        $claim = $this->find($number, $ordinal);
        if (!$claim->mayBeWritten()) {
            throw new ShopError(\sprintf('The claim is %s; what was sent stays as it was sent.', $claim->state()->label()), 409);
        }
        $form = $this->page->form($claim);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($claim, $form, 422);
        }
        $this->entityManager->flush();

        return $answer->saved($request, $claim->case, $this->page->form($claim), 'claim', ['ordinal' => (string) $ordinal]);
    }

    #[Route('/cases/{number}/claims/{ordinal}/move', name: 'claim_move', requirements: ['ordinal' => '\d+'], methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function move(string $number, int $ordinal, #[MapRequestPayload] MoveInput $typed, ClaimSteps $steps, OurShop $shop): Response
    {
        $claim = $this->find($number, $ordinal);
        try {
            $step = new ClaimStep(
                ClaimState::tryFrom($typed->state) ?? throw ClaimError::noStep(),
                Day::of($typed->day) ?? throw ClaimError::noDay(),
                $typed->words,
                '' === $typed->amount ? null : $shop->money($typed->amount),
            );
            $steps->take($claim, $step, Day::of($typed->answerBy), $this->person->get());
        } catch (\DomainException $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page->show($claim, status: 422, typed: get_object_vars($typed));
        }

        return $this->to($claim);
    }

    private function find(string $number, int $ordinal): Claim
    {
        $case = $this->gate->find($number);

        return $this->claimRepository->numbered($case, $ordinal) ?? throw new ShopError(
            \sprintf('Case %s has no claim %d.', $case->number, $ordinal),
            404,
        );
    }

    private function to(Claim $claim): Response
    {
        return $this->redirectToRoute('claim', ['number' => $claim->case->number, 'ordinal' => $claim->ordinal], Response::HTTP_SEE_OTHER);
    }
}
