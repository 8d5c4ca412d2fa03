<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

use App\Account\User;
use App\Books\BookShelf;
use App\Memory\KeptAnswers;
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

    public function __construct(
        private readonly NumbersView $view,
        private readonly BookShelf $shelf,
        private readonly KeptAnswers $kept,
    ) {
    }

    #[Route('/numbers', name: 'numbers', methods: ['GET'])]
    public function numbers(Request $request, #[CurrentUser] User $who): Response
    {
        $line = Words::of($request->query->getString('q'), self::LONGEST);
        [$answer, $wrong] = ['', null];
        try {
            if ('csv' === $request->query->getString('as')) {
                return $this->table($this->view->gather($line, $who)['plots']);
            }
            $answer = $this->kept->of(['numbers'], [$line], $who, function (?\DateTimeImmutable $at) use ($line, $who): string {
                $numbers = $this->view->gather($line, $who);
                $family = $numbers['drawn']['family'] ?? null;

                return $this->renderView('memory/_numbers.html.twig', $numbers + [
                    'line' => $line, 'at' => $at, 'book' => null === $family ? null : $this->shelf->book($family),
                ]);
            });
        } catch (AskError $error) {
            $wrong = $error->getMessage();
        }

        return $this->render(
            'memory/numbers.html.twig', ['line' => $line, 'answer' => $answer, 'wrong' => $wrong],
            new Response(status: null === $wrong ? 200 : 422),
        );
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
