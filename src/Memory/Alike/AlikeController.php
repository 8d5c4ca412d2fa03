<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Closed cases like the one in hand, and one of them beside it. */
final class AlikeController extends AbstractController
{
    private const MOST = 3;
    private const ALL = 12;

    public function __construct(
        private readonly CaseGate $gate,
        private readonly AlikeCases $alike,
        private readonly CasePages $pages,
        private readonly BookShelf $shelf,
    ) {
    }

    #[Route('/cases/{number}/like', name: 'alike', methods: ['GET'])]
    public function like(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $part = $request->query->getString('part') ?: null;
        $isPiece = $request->query->has('piece');
        $shown = ['alike' => $this->alike->like($case, $isPiece ? self::MOST : self::ALL, $part), 'part' => $part, 'isPiece' => $isPiece];

        return $isPiece
            ? $this->render('memory/_alike.html.twig', $shown + ['case' => $case])
            : $this->pages->show($case, 'memory/alike.html.twig', $shown);
    }

    #[Route('/cases/{number}/like/{other}', name: 'alike_beside', methods: ['GET'])]
    public function beside(string $number, string $other, Besides $besides): Response
    {
        $case = $this->gate->find($number);

        return $this->pages->show($case, 'memory/beside.html.twig', [
            'beside' => $besides->of($case, $this->gate->find($other)), 'modes' => $this->shelf->modes(),
        ]);
    }
}
