<?php

declare(strict_types=1);

namespace App\Library;

use App\Books\BookShelf;
use App\Chain\Engine\CaseAnalysis;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseGate;
use App\Measuring\ShopLimits;
use Japhrex\Core\Damage\OftenHurt;
use Japhrex\Core\Family\CarrierKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The books of all families, to read and to search. */
final class LibraryController extends AbstractController
{
    public function __construct(private readonly BookShelf $shelf)
    {
    }

    #[Route('/library', name: 'library', methods: ['GET'])]
    public function shelf(Request $request): Response
    {
        $words = trim((string) $request->query->get('q', ''));
        $found = [];
        foreach ('' === $words ? [] : $this->shelf->all() as $book) {
            foreach ($book->find($words) as $part) {
                $found[] = ['book' => $book, 'part' => $part];
            }
        }

        return $this->render(
            'library/shelf.html.twig',
            ['books' => $this->shelf->all(), 'refused' => $this->shelf->refused(), 'words' => $words, 'found' => $found],
        );
    }

    #[Route('/library/{family}', name: 'library_book', methods: ['GET'])]
    public function book(string $family, ShopLimits $limits, SchoolPicks $picks, FindingRepository $findings): Response
    {
        $hurt = $findings->hurtInFamily($family);

        return $this->render('library/book.html.twig', [
            'book' => $this->shelf->book($family),
            'own' => $limits->inForce($family),
            'picks' => $picks->taken($family),
            'hurt' => $hurt,
            'steps' => array_map(static fn (array $one): int => OftenHurt::step($one[0], $one[1]), $hurt),
        ]);
    }

    /** Parts and carriers as a drawing; with a case, in its grades. */
    #[Route('/library/{family}/map', name: 'library_map', methods: ['GET'])]
    public function map(
        string $family,
        Request $request,
        UnitMap $map,
        CaseGate $gate,
        FindingRepository $findings,
        CaseAnalysis $engine,
    ): Response {
        $book = $this->shelf->book($family);
        $number = (string) $request->query->get('case', '');
        $case = '' === $number ? null : $gate->find($number);
        $kind = CarrierKind::tryFrom((string) $request->query->get('kind', 'oil'));
        $from = (string) $request->query->get('from', '');
        $from = isset($book->parts[$from]) ? $from : '';
        $back = 'back' === $request->query->get('way');
        $grades = null === $case || $case->family !== $family ? [] : $findings->grades([$case])[(string) $case->id] ?? [];

        $debris = null === $case || $case->family !== $family || !$request->query->getBoolean('reach')
            ? null
            : $engine->reach($case);
        $kind = null === $debris ? $kind : CarrierKind::Oil;

        return $this->render(
            'library/map.html.twig',
            [
                'debris' => $debris,
                'book' => $book,
                'case' => $case,
                'kind' => $kind,
                'kinds' => CarrierKind::cases(),
                'from' => $from,
                'back' => $back,
                'whole' => 'whole' === $request->query->get('size'),
                'map' => $map->draw($book, $kind, $from, $back, $grades, $debris),
            ],
        );
    }
}
