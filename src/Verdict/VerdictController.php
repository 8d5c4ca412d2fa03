<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Account\WhoSigns;
use App\Intake\CaseGate;
use App\Intake\FormAnswer;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final class VerdictController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly Signing $signing,
        private readonly VerdictPage $page,
        private readonly CurrentPerson $person,
        private readonly WhoSigns $who,
    ) {
    }

    #[Route('/cases/{number}/verdict', name: 'verdict', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page->show($this->gate->find($number));
    }

    #[Route('/cases/{number}/verdict', name: 'verdict_save', methods: ['POST'])]
    public function save(string $number, Request $request, FormAnswer $answer): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $verdict = $this->signing->current($case);
        if ($verdict->awaitsSecond()) {
            throw new ShopError('It carries the first signature. Take that back before you change the verdict.', 409);
        }
        $form = $this->page->form($verdict);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, $form);
        }
        $this->signing->keep($verdict);

        return $answer->saved($request, $case, $this->page->form($verdict), 'verdict');
    }

    #[Route('/cases/{number}/verdict/sign', name: 'verdict_sign', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function sign(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::SIGN);
        $reasons = $request->request->all('despite');
        $verdict = $this->signing->current($case);
        $missing = $this->signing->leaveOpen($verdict, $reasons);
        if ($missing > 0) {
            $this->addFlash(
                'refused',
                \sprintf(
                    'The chain leaves %d %s open. Mend them on the chain page, or say for each why it may stay open; the report '
                        .'then says so.',
                    $missing,
                    1 === $missing ? 'point' : 'points',
                ),
            );

            return $this->page->show($case, reasons: $reasons);
        }
        $refusal = $this->who->refusal($request);
        if (null !== $refusal) {
            $this->addFlash('refused', $refusal);

            return $this->page->show($case, reasons: $reasons);
        }
        $this->signing->sign($verdict, $this->person->get());

        return $this->redirectToRoute('verdict', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/withdraw', name: 'verdict_withdraw', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function withdraw(string $number): Response
    {
        $case = $this->gate->open($number, Permission::SIGN);
        $this->signing->withdraw($this->signing->current($case));

        return $this->redirectToRoute('verdict', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/second', name: 'verdict_second', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function second(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::SIGN);
        $verdict = $this->signing->current($case);
        $refusal = $this->who->refusal($request);
        if (null !== $refusal) {
            $this->addFlash('refused', $refusal);

            return $this->page->show($case, reasons: []);
        }
        $this->signing->second($verdict, $this->person->get());

        return $this->redirectToRoute('report', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/reopen', name: 'verdict_reopen', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    #[IsGranted(Permission::SIGN)]
    public function reopen(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $this->signing->reopen($case, (string) $request->request->get('because'));

        return $this->redirectToRoute('verdict', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
