<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Chain\Form\LinkType;
use App\Chain\Form\NodeType;
use App\Chain\Repository\ChainLinkRepository;
use App\Chain\Repository\ChainNodeRepository;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Complaint;
use App\Intake\Stage;
use App\Platform\Seen;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\NodeKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class ChainController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CaseChain $chains,
        private readonly FormFactoryInterface $forms,
        private readonly CurrentPerson $person,
        private readonly EarlierOrigin $earlierOrigin,
        private readonly ChainNodeRepository $nodes,
        private readonly ChainLinkRepository $links,
        private readonly FindingRepository $findings,
    ) {
    }

    #[Route('/cases/{number}/chain', name: 'chain', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page($this->gate->find($number));
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
        $node->finding = $finding;
        $node->place = $finding->place();
        $node->name = mb_substr(
            ($this->shelf->modes()->get($finding->mode)->name ?? 'Damage').', '.lcfirst(
                $this->shelf->book($case->family)->placeName($finding->place())
            ),
            0,
            160,
        );

        return $this->keep($case, $node);
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
        $node->complaint = $complaint;
        $node->name = $this->chains->complaintName($case, $complaint);

        return $this->keep($case, $node);
    }

    #[Route('/cases/{number}/chain/nodes', name: 'chain_node_add', methods: ['POST'])]
    public function addNode(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $kind = 'origin' === $request->request->get('kind') ? NodeKind::Origin : NodeKind::State;
        $node = new ChainNode($case, $kind);
        $form = $this->nodeForm($kind->value, $node);
        $form->handleRequest($request);

        return $form->isSubmitted() && $form->isValid() ? $this->keep($case, $node) : $this->page($case, [$kind->value => $form]);
    }

    #[Route('/cases/{number}/chain/nodes/{id}', name: 'chain_node', methods: ['POST'])]
    public function node(string $number, ChainNode $node, Request $request): Response
    {
        $case = $this->mine($number, $node->case);
        $name = self::formName($node);
        $form = $this->nodeForm($name, $node);
        $form->handleRequest($request);

        return $form->isSubmitted() && $form->isValid() ? $this->keep($case, $node) : $this->page($case, [$name => $form]);
    }

    #[Route('/cases/{number}/chain/nodes/{id}/remove', name: 'chain_node_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeNode(string $number, ChainNode $node): Response
    {
        $case = $this->mine($number, $node->case);
        foreach ($this->chains->links($case) as $link) {
            if ($link->from === $node || $link->to === $node) {
                $this->em->remove($link);
            }
        }
        $this->em->remove($node);
        $this->em->flush();

        return $this->back($case);
    }

    #[Route('/cases/{number}/chain/links', name: 'chain_link_add', methods: ['POST'])]
    public function joinTwo(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $link = new ChainLink($case);
        $form = $this->linkForm($link);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, ['link' => $form]);
        }
        $known = $this->links->between($link->from, $link->to);
        if (null !== $known) {
            $known->mechanism = $link->mechanism;
            $known->carrier = $link->carrier;
            $known->why = $link->why;
            $link = $known;
        }
        $link->byWhom = $this->person->get()->name;
        $this->em->persist($link);
        $case->moveTo(Stage::Chain);
        $this->em->flush();

        return $this->back($case);
    }

    #[Route('/cases/{number}/chain/links/{id}/remove', name: 'chain_link_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeLink(string $number, ChainLink $link): Response
    {
        $case = $this->mine($number, $link->case);
        $this->em->remove($link);
        $this->em->flush();

        return $this->back($case);
    }

    /** Says what was done about the origin of the earlier case. */
    #[Route('/cases/{number}/chain/earlier', name: 'chain_earlier', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function earlier(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $typed = mb_substr(trim((string) $request->request->get('dealt')), 0, 4000);
        $conflict = Seen::conflict((string) $request->request->get('seen', ''), $case->earlierOriginDealt, $typed);
        if (null !== $conflict) {
            $this->addFlash('refused', $conflict);

            return $this->page($case, dealt: $typed);
        }
        $case->earlierOriginDealt = $typed;
        $this->em->flush();

        return $this->back($case);
    }

    private function keep(CaseFile $case, ChainNode $node): Response
    {
        $node->byWhom = $this->person->get()->name;
        $this->em->persist($node);
        $case->moveTo(Stage::Chain);
        $this->em->flush();

        return $this->back($case);
    }

    private function back(CaseFile $case): Response
    {
        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /** @param array<string, FormInterface<mixed>> $submitted forms that did not hold, by name */
    private function page(CaseFile $case, array $submitted = [], ?string $dealt = null): Response
    {
        $nodes = [];
        $used = [];
        foreach ($this->chains->nodes($case) as $node) {
            $nodes[] = [
                'node' => $node,
                'form' => ($submitted[self::formName($node)] ?? $this->nodeForm(self::formName($node), $node))->createView(),
            ];
            $used[] = (string) ($node->finding->id ?? $node->complaint?->id);
        }
        $waiting = array_filter(
            $this->findings->ofCase($case),
            static fn (Finding $finding): bool => $finding->kind->needsACause() && !\in_array((string) $finding->id, $used, true),
        );

        return $this->render('chain/chain.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'modes' => $this->shelf->modes(),
            'mechanisms' => $this->shelf->mechanisms($case->family),
            'nodes' => $nodes,
            'links' => $this->chains->links($case),
            'waiting' => $waiting,
            'complaints' => $case->complaints->filter(
                static fn (Complaint $complaint): bool => !\in_array((string) $complaint->id, $used, true)
            ),
            'origin' => ($submitted['origin'] ?? $this->nodeForm('origin', new ChainNode($case, NodeKind::Origin)))->createView(),
            'state' => ($submitted['state'] ?? $this->nodeForm('state', new ChainNode($case, NodeKind::State)))->createView(),
            'link' => ($submitted['link'] ?? $this->linkForm(new ChainLink($case)))->createView(),
            'earlier' => null === $case->comebackOf ? null : $this->earlierOrigin->of($case->comebackOf),
            'dealt' => $dealt ?? $case->earlierOriginDealt,
            'opened' => array_key_first($submitted),
        ], new Response(status: [] === $submitted && null === $dealt ? 200 : 422));
    }

    /** @return FormInterface<mixed> */
    private function nodeForm(string $name, ChainNode $node): FormInterface
    {
        return $this->forms->createNamed(
            $name,
            NodeType::class,
            $node,
            ['book' => $this->shelf->book($node->case->family), 'kind' => $node->kind, 'spots' => $this->spots($node)],
        );
    }

    /**
     * What an origin or a state may mean to the engine: conditions of the unit, and of the part where it is.
     *
     * @return array<string, string> name => id
     */
    private function spots(ChainNode $node): array
    {
        $vocabulary = $this->shelf->mechanismBook($node->case->family)->vocabulary;
        $part = null === $node->place ? null : $this->shelf->book($node->case->family)->part(explode('/', $node->place)[0]);
        $spots = [];
        foreach (match ($node->kind) {
            NodeKind::Origin => $vocabulary->origins, NodeKind::State => $vocabulary->states, default => [],
        } as $key => $one) {
            if ('unit' === $one['spread']) {
                $spots[$one['name']] = Spot::idOf($node->kind->value, $key, null);
            } elseif (null !== $part) {
                $spots[$one['name'].', '.lcfirst($part->name)] = Spot::idOf($node->kind->value, $key, $part->key);
            }
        }
        if (
            null !== $node->spot
                && !\in_array($node->spot, $spots, true)
                && NodeKind::Damage !== $node->kind
                && NodeKind::Complaint !== $node->kind
        ) {
            $spots[$node->name] = $node->spot;
        }

        return $spots;
    }

    /** @return FormInterface<mixed> */
    private function linkForm(ChainLink $link): FormInterface
    {
        return $this->forms->createNamed(
            'link',
            LinkType::class,
            $link,
            ['nodes' => $this->chains->nodes($link->case), 'mechanisms' => $this->shelf->mechanisms($link->case->family)],
        );
    }

    private static function formName(ChainNode $node): string
    {
        return 'node_'.substr(md5((string) $node->id), 0, 8);
    }

    private function mine(string $number, CaseFile $owner): CaseFile
    {
        $case = $this->gate->open($number, Permission::ANALYSE);

        return $owner === $case ? $case : throw new ShopError('This belongs to another case.', 404);
    }
}
