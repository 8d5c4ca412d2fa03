<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Intake\CaseGate;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All pictures of a case on one sheet. */
final class FilmController extends AbstractController
{
    #[Route('/cases/{number}/photos', name: 'photos', methods: ['GET'])]
    public function sheet(string $number, Request $request, CaseGate $gate, BookShelf $shelf, Film $film): Response
    {
        $case = $gate->find($number);
        $by = Film::BY[(string) $request->query->get('by', 'part')] ?? 'part';
        $reels = $film->reels($case, $by);

        return $this->render(
            'evidence/photos.html.twig',
            [
                'case' => $case,
                'book' => $shelf->book($case->family),
                'reels' => $reels,
                'by' => $by,
                'count' => array_sum(array_map(\count(...), $reels)),
            ],
        );
    }
}
