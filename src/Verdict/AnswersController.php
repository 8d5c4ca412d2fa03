<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Complaint;
use App\Intake\FormAnswer;
use App\Platform\ShopError;
use App\Verdict\Form\SharesInput;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Complaints that have an origin of their own, and who carries how much of each. */
final class AnswersController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly Signing $signing,
        private readonly VerdictPage $page,
    ) {
    }

    #[Route('/cases/{number}/verdict/complaints/{id}', name: 'verdict_own', methods: ['POST'])]
    public function own(string $number, Complaint $complaint, Request $request, FormAnswer $saved): Response
    {
        $verdict = $this->draft($number);
        $this->mustBelong($verdict->case, $complaint);
        $answer = $verdict->ownOf($complaint) ?? new OwnAnswer($verdict, $complaint);
        $form = $this->page->ownForm($answer);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($verdict->case, $form);
        }
        if (!$answer->isEmpty()) {
            $verdict->own->contains($answer) || $verdict->own->add($answer);
            $this->entityManager->persist($verdict);
        } else {
            $verdict->own->removeElement($answer);
        }
        $this->entityManager->flush();

        return $saved->saved($request, $verdict->case, $this->page->ownForm($answer), 'verdict');
    }

    /** Back to the answer that the verdict gives to all. */
    #[Route('/cases/{number}/verdict/complaints/{id}/as-above', name: 'verdict_own_drop', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function asAbove(string $number, Complaint $complaint): Response
    {
        $verdict = $this->draft($number);
        $this->mustBelong($verdict->case, $complaint);
        $answer = $verdict->ownOf($complaint);
        if (null !== $answer) {
            $verdict->own->removeElement($answer);
            $this->entityManager->flush();
        }

        return $this->redirectToRoute('verdict', ['number' => $number, '_fragment' => 'own'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/shares', name: 'verdict_shares', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function shares(string $number, #[MapRequestPayload] SharesInput $sent): Response
    {
        $verdict = $this->draft($number);
        $of = $sent->of;
        $answer = array_values(
            array_filter($verdict->explained(), static fn (Explained $one): bool => $of === (string) $one->own()?->id)
        )[0]
            ?? throw new ShopError('This complaint has no origin of its own; its shares are those of the verdict.', 409);
        $typed = array_map(static fn (mixed $one): string => \is_string($one) ? $one : '', $sent->percent);
        $links = array_map(
            static fn (mixed $one): array => array_values(array_filter((array) $one, is_string(...))),
            $sent->links,
        );
        try {
            $this->signing->share($answer, $typed, $links);
        } catch (\DomainException $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page->show($verdict->case, shares: ['of' => $of, 'percent' => $typed, 'links' => $links]);
        }

        return $this->redirectToRoute('verdict', ['number' => $number, '_fragment' => 'shares'], Response::HTTP_SEE_OTHER);
    }

    private function draft(string $number): Verdict
    {
        $verdict = $this->signing->current($this->gate->open($number, Permission::ANALYSE));

        return $verdict->awaitsSecond()
            ? throw new ShopError('It carries the first signature. Take that back before you change the verdict.', 409)
            : $verdict;
    }

    private function mustBelong(CaseFile $case, Complaint $complaint): void
    {
        if ($complaint->case !== $case) {
            throw $this->createNotFoundException();
        }
    }
}
