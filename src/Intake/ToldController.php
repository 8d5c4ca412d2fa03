<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Permission;
use App\Intake\Form\AttemptType;
use App\Intake\Form\StatementInput;
use App\Intake\Form\StatementType;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What was told: complaints and statements. */
final class ToldController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly FormFactoryInterface $forms,
        private readonly FormAnswer $answer,
        private readonly IntakePage $page,
    ) {
    }

    #[Route('/cases/{number}/intake/complaints', name: 'intake_complaint_add', methods: ['POST'])]
    public function addComplaint(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $complaint = new Complaint($case);
        $form = $this->page->complaintForm('complaint', $complaint, $case);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['complaint' => $form]);
        }
        $this->entityManager->persist($complaint);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'complaints'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/complaints/{id}', name: 'intake_complaint', methods: ['POST'])]
    public function complaint(string $number, Complaint $complaint, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($complaint->case, $case);
        $name = IntakePage::formName($complaint);
        $form = $this->page->complaintForm($name, $complaint, $case);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, [$name => $form]);
        }
        $this->entityManager->flush();

        return $this->answer->saved($request, $case, $this->page->complaintForm($name, $complaint, $case), 'intake');
    }

    #[Route('/cases/{number}/intake/complaints/{id}/remove', name: 'intake_complaint_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeComplaint(string $number, Complaint $complaint): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($complaint->case, $case);
        $this->entityManager->remove($complaint);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'complaints'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/statements', name: 'intake_statement_add', methods: ['POST'])]
    public function addStatement(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $statement = new Statement($case);
        $form = $this->forms->createNamed('statement', StatementType::class, $statement, ['case' => $case]);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['statement' => $form]);
        }
        $this->entityManager->persist($statement);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'statements'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/statements/{id}', name: 'intake_statement', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function statement(string $number, Statement $statement, #[MapRequestPayload] StatementInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($statement->case, $case);
        if ('' === $typed->words || '' === $typed->who) {
            throw new ShopError('Write what was said and by whom; what nobody said is removed instead.', 422);
        }
        $statement->correct($typed->who, $typed->words);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'statements'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/statements/{id}/remove', name: 'intake_statement_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeStatement(string $number, Statement $statement): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($statement->case, $case);
        $this->entityManager->remove($statement);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'statements'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/tried', name: 'intake_tried_add', methods: ['POST'])]
    public function addAttempt(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $attempt = new Attempt($case);
        $form = $this->forms->createNamed('tried', AttemptType::class, $attempt);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['tried' => $form]);
        }
        $this->entityManager->persist($attempt);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'tried'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/tried/{id}/remove', name: 'intake_tried_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeAttempt(string $number, Attempt $attempt): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($attempt->case, $case);
        $this->entityManager->remove($attempt);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'tried'], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(CaseFile $owner, CaseFile $case): void
    {
        if ($owner !== $case) {
            throw $this->createNotFoundException();
        }
    }
}
