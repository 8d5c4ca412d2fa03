<?php

declare(strict_types=1);

namespace App\Books;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\Ink;
use Japhrex\Core\Drawing\SvgWriter;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Drawings of single parts; the address of each changes with its book, and so it is kept for good. */
final class DrawingController extends AbstractController
{
    public function __construct(private readonly BookShelf $shelf, private readonly UnitDrawings $drawings)
    {
    }

    /** For where it has no photo. */
    #[Route('/drawings/{family}/{part}/{stamp}.svg', name: 'part_drawing', methods: ['GET'])]
    public function part(string $family, string $part): Response
    {
        $book = $this->shelf->book($family);
        $blank = $this->drawings->part($book, $part) ?? throw $this->createNotFoundException();

        return $this->drawn($part, $book->parts[$part]->name ?? $part, $blank);
    }

    /** With the place at which something is measured. */
    #[Route('/drawings/{family}/{part}/{field}/{stamp}.svg', name: 'measure_drawing', methods: ['GET'])]
    public function measure(string $family, string $part, string $field): Response
    {
        $book = $this->shelf->book($family);
        $measured = $book->field($part.'/'.$field) ?? throw $this->createNotFoundException();
        [$blank, $over] = $this->drawings->measured($book, $part, $measured) ?? throw $this->createNotFoundException();

        return $this->drawn($part, $measured->name, $blank, $over);
    }

    /** With what it looks at when it is in the right way round. */
    #[Route('/drawings/{family}/{part}/facing/{stamp}.svg', name: 'facing_drawing', methods: ['GET'], priority: 1)]
    public function facing(string $family, string $part): Response
    {
        $book = $this->shelf->book($family);
        [$blank, $over] = $this->drawings->facing($book, $part) ?? throw $this->createNotFoundException();

        return $this->drawn($part, ($book->parts[$part]->name ?? $part).', the right way round', $blank, $over);
    }

    private function drawn(string $part, string $name, Blank $blank, string $over = ''): Response
    {
        return new Response(
            (new SvgWriter([$part => $name], ink: Ink::File, title: $name))->write($blank, $over),
            Response::HTTP_OK,
            [
                'Content-Type' => 'image/svg+xml',
                'Cache-Control' => 'private, max-age=31536000, immutable',
                'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'",
            ],
        );
    }
}
