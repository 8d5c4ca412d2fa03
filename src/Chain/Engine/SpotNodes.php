<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\NodeKind;

/** Conditions of the engine's network as conditions of the analyst's chain: the ones that are there, and new ones. */
final class SpotNodes
{
    /** @var list<ChainNode> */
    private array $nodes;

    /** @var list<Finding> the worst first */
    private array $findings;

    public function __construct(
        private readonly CaseFile $case,
        private readonly EntityManagerInterface $entityManager,
        FindingRepository $findings,
        private readonly CaseChain $chains,
        private readonly BookShelf $shelf,
    ) {
        $this->nodes = $chains->nodes($case);
        $this->findings = $findings->worstFirst($case);
    }

    /** Debris that the oil carries from part to part is one condition to an analyst. */
    public static function key(Spot $spot): string
    {
        return 'debris' === $spot->key && 'state' === $spot->kind ? 'state:debris' : $spot->id();
    }

    public function name(Spot $spot): string
    {
        return 'state:debris' === self::key($spot) ? $this->shelf->vocabulary()->states['debris']->name : $spot->name;
    }

    public function find(Spot $spot): ?ChainNode
    {
        $finding = $this->finding($spot);
        foreach ($this->nodes as $node) {
            $is = match (true) {
                $node->spot === self::key($spot) => true,
                null !== $finding => $node->finding === $finding,
                'complaint' === $spot->kind => $node->complaint?->what === $spot->key,
                default => null === $node->finding && null === $node->complaint && $node->name === $this->name($spot),
            };
            if ($is) {
                return $node;
            }
        }

        return null;
    }

    public function make(Spot $spot, Actor $by): ChainNode
    {
        $node = $this->find($spot);
        if (null !== $node) {
            $node->means(self::key($spot));

            return $node;
        }
        $finding = $this->finding($spot);
        $complaint = 'complaint' === $spot->kind
            ? $this->case->complaints->findFirst(static fn ($i, $one): bool => $one->what === $spot->key)
            : null;
        $node = new ChainNode($this->case, NodeKind::from($spot->kind));
        $node->doneBy($by);
        $node->means($key = self::key($spot));
        $node->pointTo($finding, $complaint);
        $node->describe(
            null !== $complaint ? $this->chains->complaintName($this->case, $complaint) : $this->name($spot),
            'state:debris' === $key ? null : $finding?->place() ?? $spot->place,
            'origin' === $spot->kind ? $this->shelf->vocabulary()->origins[$spot->key]->kind : null,
            null,
            null === $finding && 'damage' === $spot->kind ? 'Proposed by the engine; nobody has looked for it yet.' : '',
        );
        $this->entityManager->persist($node);

        return $this->nodes[] = $node;
    }

    /** The worst finding of this damage at its place; on a part as a whole at any of its faces. */
    private function finding(Spot $spot): ?Finding
    {
        foreach ('damage' === $spot->kind ? $this->findings : [] as $finding) {
            if (
                $finding->part === $spot->part()
                    && $finding->mode === $spot->key
                    && (!str_contains((string) $spot->place, '/') || $finding->place() === $spot->place || null === $finding->surface)
            ) {
                return $finding;
            }
        }

        return null;
    }
}
