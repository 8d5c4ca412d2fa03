<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Claims\Repository\ClaimRepository;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What goes with a claim: its PDF, its bundle, and the tags of the parts. */
final class PapersController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly Claims $claims,
        private readonly ClaimRepository $claimRepository,
    ) {
    }

    #[Route('/cases/{number}/claims/{ordinal}/papers', name: 'claim_papers', requirements: ['ordinal' => '\d+'], methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function make(string $number, int $ordinal, Request $request, OrderPapers $order, CurrentPerson $person): Response
    {
        $claim = $this->claimRepository->numbered($this->gate->find($number), $ordinal)
            ?? throw new ShopError('There is no such claim.', 404);
        $order($claim, $request->getSchemeAndHttpHost(), 'yes' === $request->request->get('places'), $person->get());

        return $this->redirectToRoute('claim', ['number' => $claim->case->number, 'ordinal' => $ordinal], Response::HTTP_SEE_OTHER);
    }

    /** Where the making of them stands; asked again and again while they are made. */
    #[Route('/papers/{id}', name: 'claim_papers_state', methods: ['GET'])]
    public function state(ClaimPapers $papers): Response
    {
        return $this->render('claims/_papers.html.twig', ['papers' => $papers]);
    }

    #[Route('/papers/{id}/{name}.{format}', name: 'claim_papers_file', requirements: ['format' => 'pdf|zip'], methods: ['GET'])]
    public function fetch(ClaimPapers $papers, string $format, StoredFiles $stored): Response
    {
        $hash = 'pdf' === $format ? $papers->hash : $papers->bundle;
        if (null === $hash) {
            throw new ShopError('These papers are not made yet.', 404);
        }

        return $stored->send(
            'claims',
            $hash,
            'pdf' === $format ? 'application/pdf' : 'application/zip',
            $papers->claim->number().'.'.$format,
            'zip' === $format,
        );
    }

    /** Tags to print and tie on, for the parts that were put aside. */
    #[Route('/cases/{number}/tags', name: 'tags', methods: ['GET'])]
    public function tags(string $number, Request $request, CasePages $pages): Response
    {
        $case = $this->gate->find($number);

        return $pages->show($case, 'claims/tags.html.twig', [
            'parts' => $this->claims->parts($case),
            'base' => $request->getSchemeAndHttpHost(),
        ]);
    }

    /** What the code on a tag leads to. */
    #[Route('/t/{number}/{part}', name: 'tag', methods: ['GET'])]
    public function tag(string $number, string $part): Response
    {
        return $this->redirectToRoute('part', ['number' => $this->gate->find($number)->number, 'part' => $part]);
    }
}
