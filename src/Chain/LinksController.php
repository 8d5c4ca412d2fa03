<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What brought about what: links between conditions of the chain. */
final class LinksController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly ChainPage $page,
        private readonly KeepInChain $keep,
    ) {
    }

    #[Route('/cases/{number}/chain/links', name: 'chain_link_add', methods: ['POST'])]
    public function joinTwo(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $link = new ChainLink($case);
        $form = $this->page->linkForm($link);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['link' => $form]);
        }
        ($this->keep)($link);

        return $this->back($case);
    }

    #[Route('/cases/{number}/chain/links/{id}/remove', name: 'chain_link_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeLink(string $number, ChainLink $link): Response
    {
        $case = $this->mustBelong($number, $link);
        $this->entityManager->remove($link);
        $this->entityManager->flush();

        return $this->back($case);
    }

    private function mustBelong(string $number, ChainLink $link): CaseFile
    {
        $case = $this->gate->open($number, Permission::ANALYSE);

        return $link->case === $case ? $case : throw new ShopError('This belongs to another case.', 404);
    }

    private function back(CaseFile $case): Response
    {
        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
