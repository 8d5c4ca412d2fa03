<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Permission;
use App\Chain\Form\EarlierInput;
use App\Chain\Repository\ChainNodeRepository;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Complaint;
use App\Platform\Seen;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\NodeKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class ChainController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly CaseChain $chains,
        private readonly ChainNodeRepository $nodes,
        private readonly ChainPage $page,
        private readonly KeepInChain $keep,
    ) {
    }

    #[Route('/cases/{number}/chain', name: 'chain', methods: ['GET'])]
    public function show(string $number, #[MapQueryParameter] string $change = ''): Response
    {
        return $this->page->show($this->gate->find($number), change: $change);
    }

    /** Puts a finding into the chain. */
    #[Route('/cases/{number}/chain/findings/{id}', name: 'chain_finding', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addFinding(string $number, Finding $finding): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        if ($finding->case !== $case) {
            throw $this->createNotFoundException();
        }
        $node = $this->nodes->ofFinding($finding) ?? new ChainNode($case, NodeKind::Damage);
        $node->standFor($finding, $this->chains->findingName($finding));

        return $this->kept($node);
    }

    /** Puts a complaint into the chain. */
    #[Route('/cases/{number}/chain/complaints/{id}', name: 'chain_complaint', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addComplaint(string $number, Complaint $complaint): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        if ($complaint->case !== $case) {
            throw $this->createNotFoundException();
        }
        $node = $this->nodes->ofComplaint($complaint) ?? new ChainNode($case, NodeKind::Complaint);
        $node->standForComplaint($complaint, $this->chains->complaintName($case, $complaint));

        return $this->kept($node);
    }

    #[Route('/cases/{number}/chain/nodes', name: 'chain_node_add', methods: ['POST'])]
    public function addNode(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $kind = 'origin' === $request->request->get('kind') ? NodeKind::Origin : NodeKind::State;
        $node = new ChainNode($case, $kind);
        $form = $this->page->nodeForm($kind->value, $node);
        $form->handleRequest($request);

        return $form->isSubmitted() && $form->isValid() ? $this->kept($node) : $this->page->show($case, [$kind->value => $form]);
    }

    #[Route('/cases/{number}/chain/nodes/{id}', name: 'chain_node', methods: ['POST'])]
    public function node(string $number, ChainNode $node, Request $request): Response
    {
        $case = $this->mustBelong($number, $node->case);
        $name = ChainPage::formName($node);
        $form = $this->page->nodeForm($name, $node);
        $form->handleRequest($request);

        return $form->isSubmitted() && $form->isValid() ? $this->kept($node) : $this->page->show($case, [$name => $form]);
    }

    #[Route('/cases/{number}/chain/nodes/{id}/remove', name: 'chain_node_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeNode(string $number, ChainNode $node): Response
    {
        $case = $this->mustBelong($number, $node->case);
        foreach ($this->chains->links($case) as $link) {
            if ($link->from === $node || $link->to === $node) {
                $this->entityManager->remove($link);
            }
        }
        $this->entityManager->remove($node);
        $this->entityManager->flush();

        return $this->back($case);
    }

    /** Says what was done about the origin of the earlier case. */
    #[Route('/cases/{number}/chain/earlier', name: 'chain_earlier', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function earlier(string $number, #[MapRequestPayload] EarlierInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $conflict = Seen::conflict($typed->seen, $case->earlierOriginDealt, $typed->dealt);
        if (null !== $conflict) {
            $this->addFlash('refused', $conflict);

            return $this->page->show($case, dealt: $typed->dealt);
        }
        $case->dealtWithEarlierOrigin($typed->dealt);
        $this->entityManager->flush();

        return $this->back($case);
    }

    private function kept(ChainNode $node): Response
    {
        ($this->keep)($node);

        return $this->back($node->case);
    }

    private function back(CaseFile $case): Response
    {
        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(string $number, CaseFile $owner): CaseFile
    {
        $case = $this->gate->open($number, Permission::ANALYSE);

        return $owner === $case ? $case : throw new ShopError('This belongs to another case.', 404);
    }
}
