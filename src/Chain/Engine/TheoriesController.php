<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Chain\Form\SettleInput;
use App\Chain\Form\TheoryInput;
use App\Chain\Theory;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Theories: what somebody claims, scored as the others are, and what a figure or a test says of it. */
final class TheoriesController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly Dispute $dispute,
        private readonly CurrentPerson $person,
    ) {
    }

    /** Somebody's claim, in words, with the condition that it means: it is scored as the others are. */
    #[Route('/cases/{number}/chain/theories', name: 'theory_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addTheory(string $number, #[MapRequestPayload] TheoryInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $this->dispute->claim($case, $typed->words, $typed->spot, $this->person->get());

        return $this->back($case);
    }

    /** What a figure or a test says of a theory. */
    #[Route('/cases/{number}/chain/theories/{id}', name: 'theory_settle', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function settleTheory(string $number, Theory $theory, #[MapRequestPayload] SettleInput $typed): Response
    {
        $case = $this->mustBelong($number, $theory);
        $this->dispute->settle($theory, $typed->stands(), $typed->because);

        return $this->back($case);
    }

    #[Route('/cases/{number}/chain/theories/{id}/remove', name: 'theory_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeTheory(string $number, Theory $theory): Response
    {
        $case = $this->mustBelong($number, $theory);
        $this->entityManager->remove($theory);
        $this->entityManager->flush();

        return $this->back($case);
    }

    private function back(CaseFile $case): Response
    {
        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(string $number, Theory $one): CaseFile
    {
        $case = $this->gate->open($number, Permission::ANALYSE);

        return $one->case === $case ? $case : throw $this->createNotFoundException();
    }
}
