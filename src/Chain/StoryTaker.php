<?php

declare(strict_types=1);

namespace App\Chain;

use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Platform\BookShelf;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Family\CarrierKind;

/** Puts the story of a candidate into the analyst's own chain: what is there already is used, nothing is taken out. */
final readonly class StoryTaker
{
    public function __construct(private EntityManagerInterface $em, private CaseChain $chains, private BookShelf $shelf)
    {
    }

    public function take(CaseFile $case, Ground $ground, Candidate $candidate, string $by): void
    {
        $nodes = [];
        $linked = [];
        foreach ($this->chains->links($case) as $link) {
            $linked[$link->from?->id.'>'.$link->to?->id] = true;
        }
        foreach ($candidate->story as $tie) {
            [$from, $to] = [$this->node($case, $ground->spots[$tie->from], $nodes, $by), $this->node($case, $ground->spots[$tie->to], $nodes, $by)];
            if ($from === $to || isset($linked[$from->id.'>'.$to->id])) {
                continue;
            }
            $linked[$from->id.'>'.$to->id] = true;
            $link = new ChainLink($case);
            [$link->from, $link->to, $link->mechanism, $link->carrier, $link->byWhom] = [$from, $to, $tie->mechanism, CarrierKind::tryFrom($tie->by), $by];
            $link->why = 'as the engine proposes it: '.($this->shelf->mechanisms()[$tie->mechanism]->tells ?? '');
            $this->em->persist($link);
        }
        $this->em->flush();
    }

    /** @param array<string, ChainNode> $nodes made or found so far */
    private function node(CaseFile $case, Spot $spot, array &$nodes, string $by): ChainNode
    {
        // Debris that the oil carries from part to part is one condition to an analyst.
        $key = 'debris' === $spot->key && 'state' === $spot->kind ? 'state:debris' : $spot->id();
        if (isset($nodes[$key])) {
            return $nodes[$key];
        }
        $finding = 'damage' === $spot->kind ? $this->finding($case, $spot) : null;
        $complaint = 'complaint' === $spot->kind ? $case->complaints->findFirst(static fn ($i, $complaint): bool => $complaint->what === $spot->key) : null;
        $name = 'state:debris' === $key ? $this->shelf->mechanismBook()->vocabulary->states['debris']['name'] : $spot->name;
        foreach ($this->chains->nodes($case) as $known) {
            if ((null !== $finding && $known->finding === $finding) || (null !== $complaint && $known->complaint === $complaint) || (null === $finding && null === $complaint && $known->name === $name)) {
                return $nodes[$key] = $known;
            }
        }
        $node = new ChainNode($case, NodeKind::from($spot->kind));
        [$node->finding, $node->complaint, $node->byWhom] = [$finding, $complaint, $by];
        $node->name = mb_substr(null !== $complaint ? $this->chains->complaintName($case, $complaint) : $name, 0, 160);
        $node->place = 'state:debris' === $key ? null : $finding?->place() ?? $spot->place;
        if ('origin' === $spot->kind) {
            $node->origin = $this->shelf->mechanismBook()->vocabulary->origins[$spot->key]['kind'];
        } elseif (null === $finding && 'damage' === $spot->kind) {
            $node->evidence = 'Proposed by the engine; nobody has looked for it yet.';
        }
        $this->em->persist($node);

        return $nodes[$key] = $node;
    }

    /** The worst finding of this damage at its place; on a part as a whole at any of its faces. */
    private function finding(CaseFile $case, Spot $spot): ?Finding
    {
        $found = $this->em->getRepository(Finding::class)->findBy(['case' => $case, 'part' => $spot->part(), 'mode' => $spot->key], ['grade' => 'DESC', 'id' => 'ASC']);
        foreach ($found as $finding) {
            if (!str_contains((string) $spot->place, '/') || $finding->place() === $spot->place || null === $finding->surface) {
                return $finding;
            }
        }

        return null;
    }
}
