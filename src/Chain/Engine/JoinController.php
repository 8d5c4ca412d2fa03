<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\ChainPage;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use Japhrex\Core\Chain\Ground\Joins;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Two conditions of the chain are to be linked: in which ways one can lead to the other, the likeliest first. */
final class JoinController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly CaseAnalysis $analysis,
        private readonly CaseChain $chains,
        private readonly ChainPage $page,
        private readonly BookShelf $shelf,
        private readonly CasePages $pages,
    ) {
    }

    #[Route('/cases/{number}/chain/join', name: 'chain_join', methods: ['GET'])]
    public function offer(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $nodes = $this->chains->nodes($case);
        $from = self::named($nodes, (string) $request->query->get('from', ''));
        $to = self::named($nodes, (string) $request->query->get('to', ''));
        $both = null !== $from && null !== $to && $from !== $to;
        $ground = $both ? $this->analysis->lastAnalysisOf($case)->ground : null;
        $ends = null === $ground ? [[], []] : [NodeSpots::of($from, $ground), NodeSpots::of($to, $ground)];
        $offers = null === $ground ? [] : Joins::between($ground, ...$ends);
        $shown = [
            'case' => $case, 'from' => $from, 'to' => $to, 'nodes' => $nodes, 'offers' => $offers,
            'by' => null === $ground || [] !== $offers ? [] : Joins::byWayOf($ground, ...$ends),
            'mechanisms' => $this->shelf->mechanisms($case->family),
            'link' => $this->page->linkForm(new ChainLink($case))->createView(),
        ];

        return $request->headers->has('HX-Request') && !$request->headers->has('HX-Boosted')
            ? $this->render('chain/_join.html.twig', $shown)
            : $this->pages->show($case, 'chain/join.html.twig', $shown);
    }

    /** @param list<ChainNode> $nodes */
    private static function named(array $nodes, string $id): ?ChainNode
    {
        foreach ($nodes as $one) {
            if ((string) $one->id === $id) {
                return $one;
            }
        }

        return null;
    }
}
