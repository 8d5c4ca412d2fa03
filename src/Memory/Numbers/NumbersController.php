<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

use App\Account\User;
use App\Books\BookShelf;
use App\Platform\Words;
use Japhrex\Core\Memory\Ask\AskError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** What the shop's cases come to, plotted; each number leads to its cases. */
final class NumbersController extends AbstractController
{
    private const LONGEST = 500;

    public function __construct(private readonly NumbersView $view, private readonly BookShelf $shelf)
    {
    }

    #[Route('/numbers', name: 'numbers', methods: ['GET'])]
    public function numbers(Request $request, #[CurrentUser] User $who): Response
    {
        $line = Words::of($request->query->getString('q'), self::LONGEST);
        try {
            $numbers = $this->view->gather($line, $who);
        } catch (AskError $error) {
            return $this->render('memory/numbers.html.twig', ['line' => $line, 'wrong' => $error->getMessage()], new Response(status: 422));
        }
        if ('csv' === $request->query->getString('as')) {
            return $this->table($numbers['plots']);
        }
        $family = $numbers['drawn']['family'] ?? null;

        return $this->render('memory/numbers.html.twig', $numbers + [
            'line' => $line, 'wrong' => null, 'book' => null === $family ? null : $this->shelf->book($family),
        ]);
    }

    /** @param array<string, array{string, list<Bar>}> $plots */
    private function table(array $plots): Response
    {
        $rows = [];
        foreach ($plots as [$title, $bars]) {
            foreach ($bars as $bar) {
                $rows[] = [
                    'plot' => $title, 'what' => $bar->name, 'cases' => $bar->count, 'besides' => $bar->says, 'asked by' => $bar->line,
                ];
            }
        }

        return new Response((new CsvEncoder())->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="numbers.csv"',
        ]);
    }
}
