<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\Stage;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Family\CarrierKind;

/** Puts what the engine proposes into the analyst's own chain: what is there already is used, nothing is taken out. */
final readonly class StoryTaker
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CaseChain $chains,
        private BookShelf $shelf,
        private FindingRepository $findings,
    ) {
    }

    /** @param list<Tie> $ties */
    public function take(CaseFile $case, Ground $ground, array $ties, Actor $by): void
    {
        $nodes = new SpotNodes($case, $this->entityManager, $this->findings, $this->chains, $this->shelf);
        $linked = $this->linked($case);
        foreach ($ties as $tie) {
            [$from, $to] = [$nodes->make($ground->spots[$tie->from], $by), $nodes->make($ground->spots[$tie->to], $by)];
            if ($from === $to || isset($linked[$from->id.'>'.$to->id])) {
                continue;
            }
            $linked[$from->id.'>'.$to->id] = true;
            $link = new ChainLink($case);
            $link->tie(
                $from,
                $to,
                $tie->mechanism,
                CarrierKind::tryFrom($tie->by),
                'as the engine proposes it: '.($this->shelf->mechanisms($case->family)[$tie->mechanism]->tells ?? ''),
            );
            $link->doneBy($by);
            $this->entityManager->persist($link);
        }
        $case->moveTo(Stage::Chain);
        $this->entityManager->flush();
    }

    /**
     * Links of a story that the analyst's chain does not have yet.
     *
     * @param array<string, Spot> $spots conditions of the case by id
     *
     * @return list<Proposal>
     */
    public function open(CaseFile $case, array $spots, Candidate $candidate): array
    {
        $nodes = new SpotNodes($case, $this->entityManager, $this->findings, $this->chains, $this->shelf);
        $linked = $this->linked($case);
        $open = [];
        foreach ($candidate->story as $tie) {
            [$from, $to] = [$spots[$tie->from], $spots[$tie->to]];
            [$a, $b] = [$nodes->find($from), $nodes->find($to)];
            $key = SpotNodes::key($from).'>'.SpotNodes::key($to);
            if (
                SpotNodes::key($from) !== SpotNodes::key($to)
                    && (null === $a || null === $b || ($a !== $b && !isset($linked[$a->id.'>'.$b->id])))
            ) {
                $open[$key] ??= new Proposal(
                    $tie,
                    self::end($from, $a),
                    self::end($to, $b),
                    $nodes->name($from),
                    $nodes->name($to),
                    $from->kind,
                    $to->kind,
                );
            }
        }

        return array_values($open);
    }

    /** The node that stands for a condition, or what it would be called in the drawing. */
    private static function end(Spot $spot, ?ChainNode $node): string
    {
        return null === $node ? SpotNodes::key($spot) : (string) $node->id;
    }

    /** @return array<string, true> */
    private function linked(CaseFile $case): array
    {
        $linked = [];
        foreach ($this->chains->links($case) as $link) {
            $linked[$link->from?->id.'>'.$link->to?->id] = true;
        }

        return $linked;
    }
}
