<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\BookShelf;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Candidate;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What the engine makes of a case, beside the analyst's chain: candidates, what each explains, what to look at next. */
final class ProposalController extends AbstractController
{
    public function __construct(private readonly CaseGate $gate, private readonly CaseAnalysis $analysis, private readonly BookShelf $shelf, private readonly EntityManagerInterface $em)
    {
    }

    /** A part of the chain page that comes by itself, since it takes a moment. */
    #[Route('/cases/{number}/chain/candidates', name: 'chain_candidates', methods: ['GET'])]
    public function candidates(string $number): Response
    {
        $case = $this->gate->find($number);

        return $this->render('chain/_candidates.html.twig', $this->analysis->told($case) + [
            'case' => $case,
            'mechanisms' => $this->shelf->mechanisms(),
            'rates' => $this->analysis->rates($case),
            'origins' => $this->shelf->mechanismBook()->vocabulary->origins,
            'book' => $this->shelf->book($case->family),
        ]);
    }

    /** Somebody's claim, in words, with the condition that it means: it is scored as the others are. */
    #[Route('/cases/{number}/chain/theories', name: 'theory_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addTheory(string $number, Request $request, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $words = mb_substr(trim((string) $request->request->get('words', '')), 0, 1000);
        $spot = (string) $request->request->get('spot', '');
        if ('' === $words || 'origin' !== ($this->analysis->ground($case)->spots[$spot]->kind ?? '')) {
            throw new ShopError('A theory is said in words, and with the condition that it means: choose one.', 422);
        }
        $this->em->persist(new Theory($case, $words, $spot, $person->get()->name));
        $this->em->flush();

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/chain/theories/{id}/remove', name: 'theory_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeTheory(string $number, Theory $theory): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        if ($theory->case !== $case) {
            throw $this->createNotFoundException();
        }
        $this->em->remove($theory);
        $this->em->flush();

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/chain/take', name: 'chain_take', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function take(string $number, Request $request, StoryTaker $taker, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $analysis = $this->analysis->of($case);
        $origin = (string) $request->request->get('origin', '');
        $chosen = array_values(array_filter($analysis->candidates(20), static fn (Candidate $one): bool => $one->origin->id() === $origin))[0] ?? null;
        if (null === $chosen || [] === $chosen->story) {
            throw new ShopError('What the finds speak for has changed meanwhile. Load the page again.', 409);
        }
        $taker->take($case, $analysis->ground, $chosen, $person->get()->name);

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
