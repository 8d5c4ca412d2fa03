<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Chain\Form\LinkType;
use App\Chain\Form\NodeType;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Frame\CasePages;
use App\Intake\OnPurpose;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\NodeKind;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\Form\FormView;
use Symfony\Component\HttpFoundation\Response;

/** The page of the chain with its forms. */
final readonly class ChainPage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private CaseChain $chains,
        private ChainDrawing $drawing,
        private FormFactoryInterface $forms,
        private FindingRepository $findings,
        private LaidWays $laidWays,
        private OnPurpose $onPurpose,
        private PhotoRepository $photos,
        private Security $may,
    ) {
    }

    /**
     * @param array<string, FormInterface<mixed>> $submitted forms that did not hold, by name
     * @param string $change id of the condition that is being changed; empty: none is
     */
    public function show(CaseFile $case, array $submitted = [], ?string $dealt = null, string $change = ''): Response
    {
        $may = $this->may->isGranted(Permission::ANALYSE) && !$case->isSigned();
        $nodes = [];
        $used = [];
        foreach ($this->chains->nodes($case) as $node) {
            $name = self::formName($node);
            $form = $submitted[$name] ?? ($may && $change === (string) $node->id ? $this->nodeForm($name, $node) : null);
            $nodes[] = ['node' => $node, 'form' => $form?->createView()];
            $used[] = (string) ($node->finding->id ?? $node->complaint?->id);
        }
        $waiting = array_filter(
            $this->findings->ofCase($case),
            static fn (Finding $finding): bool => $finding->needsACause() && !\in_array((string) $finding->id, $used, true),
        );

        return $this->pages->show($case, 'chain/chain.html.twig', [
            'modes' => $this->shelf->modes(),
            'mechanisms' => $this->shelf->mechanisms($case->family),
            'nodes' => $nodes,
            'drawing' => $this->drawing->draw($case, withPhotos: true),
            'problems' => $this->chains->problems($case),
            'links' => self::inOrder($this->chains->links($case)),
            'waiting' => array_map(
                fn (Finding $one): array => ['finding' => $one, 'photo' => $this->photos->best($case, $one->part)],
                array_values($waiting),
            ),
            'complaints' => $case->complaints->filter(
                static fn (Complaint $complaint): bool => !\in_array((string) $complaint->id, $used, true)
            ),
            ...$may ? array_map(static fn (FormInterface $form): FormView => $form->createView(), [
                'origin' => $submitted['origin'] ?? $this->nodeForm('origin', new ChainNode($case, NodeKind::Origin)),
                'state' => $submitted['state'] ?? $this->nodeForm('state', new ChainNode($case, NodeKind::State)),
                'link' => $submitted['link'] ?? $this->linkForm(new ChainLink($case)),
            ]) : [],
            'laidWays' => $this->laidWays->of($case),
            'meant' => $this->onPurpose->before($case),
            'earlier' => $this->chains->originBefore($case),
            'dealt' => $dealt ?? $case->earlierOriginDealt,
            'opened' => array_key_first($submitted),
        ], [] === $submitted && null === $dealt ? 200 : 422);
    }

    /**
     * @param list<ChainLink> $links
     *
     * @return list<ChainLink> as the story goes: by the orders of their causes, then of their effects
     */
    private static function inOrder(array $links): array
    {
        $order = static fn (?ChainNode $node): int => $node->order ?? \PHP_INT_MAX;
        usort($links, static fn (ChainLink $one, ChainLink $other): int => [$order($one->from), $order($one->to)]
            <=> [$order($other->from), $order($other->to)]);

        return $links;
    }

    /** @return FormInterface<mixed> */
    public function nodeForm(string $name, ChainNode $node): FormInterface
    {
        return $this->forms->createNamed(
            $name,
            NodeType::class,
            $node,
            ['book' => $this->shelf->book($node->case->family, $node->case->is()), 'kind' => $node->kind, 'spots' => $this->spots($node)],
        );
    }

    /**
     * What an origin or a state may mean to the engine: conditions of the unit, and of the part where it is.
     *
     * @return array<string, string> name => id
     */
    private function spots(ChainNode $node): array
    {
        $vocabulary = $this->shelf->vocabulary();
        $part = null === $node->place
            ? null
            : $this->shelf->book($node->case->family, $node->case->is())->part(explode('/', $node->place)[0]);
        $spots = [];
        foreach (match ($node->kind) {
            NodeKind::Origin => $vocabulary->origins, NodeKind::State => $vocabulary->states, default => [],
        } as $key => $one) {
            if ('unit' === $one->spread) {
                $spots[$one->name] = Spot::idOf($node->kind->value, $key, null);
            } elseif (null !== $part) {
                $spots[$one->name.', '.lcfirst($part->name)] = Spot::idOf($node->kind->value, $key, $part->key);
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
    public function linkForm(ChainLink $link): FormInterface
    {
        return $this->forms->createNamed(
            'link',
            LinkType::class,
            $link,
            ['nodes' => $this->chains->nodes($link->case), 'mechanisms' => $this->shelf->mechanisms($link->case->family)],
        );
    }

    public static function formName(ChainNode $node): string
    {
        return 'node_'.substr(md5((string) $node->id), 0, 8);
    }
}
