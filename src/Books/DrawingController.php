<?php

declare(strict_types=1);

namespace App\Books;

use Japhrex\Core\Drawing\Ink;
use Japhrex\Core\Drawing\SvgWriter;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The drawing of one part, for where it has no photo; its address changes with its book, and so it is kept for good. */
final class DrawingController extends AbstractController
{
    #[Route('/drawings/{family}/{part}/{stamp}.svg', name: 'part_drawing', methods: ['GET'])]
    public function part(string $family, string $part, BookShelf $shelf, UnitDrawings $drawings): Response
    {
        $book = $shelf->book($family);
        $blank = $drawings->part($book, $part) ?? throw $this->createNotFoundException();

        $name = $book->parts[$part]->name ?? $part;

        return new Response(
            (new SvgWriter([$part => $name], ink: Ink::File, title: $name))->write($blank),
            Response::HTTP_OK,
            [
                'Content-Type' => 'image/svg+xml',
                'Cache-Control' => 'private, max-age=31536000, immutable',
                'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'",
            ],
        );
    }
}
