<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Chain\Cleaning;
use App\Chain\Repository\CleaningRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A part of the chain page that comes by itself, since it takes a moment; and the places that debris reached, worked off. */
final class CandidatesController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
        private readonly CleaningRepository $cleanings,
        private readonly CandidatesView $view,
    ) {
    }

    #[Route('/cases/{number}/chain/candidates', name: 'chain_candidates', methods: ['GET'])]
    public function candidates(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);

        return $this->render('chain/_candidates.html.twig', $this->view->gather(
            $case, $request->query->getString('show'), 'book' === $request->query->getString('rates'),
        ));
    }

    /** A place that debris reached is dealt with, or is not after all. */
    #[Route('/cases/{number}/chain/cleaning', name: 'chain_clean', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function clean(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = (string) $request->request->get('part', '');
        $known = $this->cleanings->ofPart($case, $part);
        if (null !== $known) {
            $this->entityManager->remove($known);
        } elseif (isset($this->shelf->book($case->family, $case->is())->parts[$part])) {
            $this->entityManager->persist(new Cleaning($case, $part, $this->person->get()));
        }

        return $this->kept($case);
    }

    private function kept(CaseFile $case): Response
    {
        $this->entityManager->flush();

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
