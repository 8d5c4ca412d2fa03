<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All pictures of a case on one sheet. */
final class FilmController extends AbstractController
{
    #[Route('/cases/{number}/photos', name: 'photos', methods: ['GET'])]
    public function sheet(string $number, Request $request, CaseGate $gate, Film $film, CasePages $pages): Response
    {
        $case = $gate->find($number);
        $by = Film::BY[(string) $request->query->get('by', 'part')] ?? 'part';
        $reels = $film->reels($case, $by);

        return $pages->show($case, 'evidence/photos.html.twig', [
            'reels' => $reels,
            'by' => $by,
            'count' => array_sum(array_map(\count(...), $reels)),
        ]);
    }
}
