<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Chain\Theory;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
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
    public function addTheory(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $spot = (string) $request->request->get('spot', '');
        $this->dispute->claim($case, self::text($request, 'words', 1000), $spot, $this->person->get());

        return $this->back($case);
    }

    /** What a figure or a test says of a theory. */
    #[Route('/cases/{number}/chain/theories/{id}', name: 'theory_settle', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function settleTheory(string $number, Theory $theory, Request $request): Response
    {
        $case = $this->mustBelong($number, $theory);
        $stands = match ($request->request->get('stands')) {
            'for' => true,
            'against' => false,
            default => null,
        };
        $this->dispute->settle($theory, $stands, self::text($request, 'because', 1000));

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

    private static function text(Request $request, string $field, int $most): string
    {
        return mb_substr(trim((string) $request->request->get($field, '')), 0, $most);
    }
}
