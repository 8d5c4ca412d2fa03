<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Teardown\Form\OpeningInput;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Teardown\OpeningError;
use Japhrex\Core\Teardown\Shortage;
use Japhrex\Core\Teardown\StepState;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class StripController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly StripBench $bench,
        private readonly RecordStep $recordStep,
        private readonly StripPage $page,
    ) {
    }

    #[Route('/cases/{number}/strip', name: 'strip', methods: ['GET'])]
    public function show(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $run = $this->bench->run($case, $this->shelf->book($case->family, $case->is()));
        $key = (string) $request->query->get('step', $run->next()->step->key ?? array_key_last($run->steps) ?? '');

        return $this->page->show($case, $run->steps[$key] ?? throw new ShopError('The book has no such strip step.', 404));
    }

    /** Asked for every few seconds by every device that shows the run; without content while nothing has changed. */
    #[Route('/cases/{number}/strip/state', name: 'strip_state', methods: ['GET'], priority: 1)]
    public function state(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        if (StripBench::fingerprint($this->bench->records($case)) === $request->query->get('seen')) {
            return new Response(status: Response::HTTP_NO_CONTENT);
        }
        $book = $this->shelf->book($case->family, $case->is());
        $run = $this->bench->run($case, $book);
        $status = $run->steps[(string) $request->query->get('step', '')] ?? throw new ShopError('The book has no such strip step.', 404);

        return $this->page->state($case, $status, $request->query->getInt('mine'));
    }

    #[Route('/cases/{number}/strip/{step}', name: 'strip_step', methods: ['POST'])]
    public function step(string $number, string $step, Request $request, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $run = $this->bench->run($case, $this->shelf->book($case->family, $case->is()));
        $status = $run->steps[$step] ?? throw new ShopError('The book has no such strip step.', 404);
        $record = $this->bench->records($case)[$step] ?? new StepRecord($case, $step);
        $record->state = StepState::tryFrom((string) $request->request->get('state')) ?? throw new ShopError(
            'A step is done, skipped, stuck or left shut.'
        );
        RecordStep::mustBeAllowed($status, $record->state);
        $form = $this->page->form($record, $status);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, $status, $form);
        }
        try {
            $asked = ($this->recordStep)($record, $status, $request->request->has('leave-out'), $person->get());
        } catch (OpeningError $error) {
            $this->addFlash('refused', $error->getMessage());

            return $this->page->show($case, $status, $form);
        }
        if ([] !== $asked) {
            return $this->page->show($case, $status, $form, $asked);
        }

        return $this->redirectToRoute(
            'strip',
            ['number' => $case->number] + (
                StepState::Stuck === $record->state || [] !== Shortage::at($status->step, $record->counted) ? ['step' => $step] : []
            ),
            Response::HTTP_SEE_OTHER,
        );
    }

    /** What is done and known before the first part comes off. */
    #[Route('/cases/{number}/opening', name: 'opening', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function opening(
        string $number,
        #[MapRequestPayload] OpeningInput $said,
        OpenUnit $open,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->open($number, Permission::BENCH);
        try {
            $open($case, $said, $person->get());
        } catch (OpeningError $error) {
            $run = $this->bench->run($case, $this->shelf->book($case->family, $case->is()));
            $status = $run->next() ?? throw new ShopError('The unit is apart already.', 409);

            return $this->page->show($case, $status, opening: $said, refused: $error->getMessage());
        }

        return $this->redirectToRoute('strip', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/strip/{step}/undo', name: 'strip_undo', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function undo(string $number, string $step, EntityManagerInterface $entityManager): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $record = $this->bench->records($case)[$step] ?? null;
        if (null !== $record) {
            $entityManager->remove($record);
            $entityManager->flush();
        }

        return $this->redirectToRoute('strip', ['number' => $case->number, 'step' => $step], Response::HTTP_SEE_OTHER);
    }
}
