<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\User;
use App\Memory\Repository\SavedAskRepository;
use App\Platform\Words;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The cases of the shop by a line that is typed or tapped; the address holds it. */
final class AskController extends AbstractController
{
    private const LONGEST = 500;

    public function __construct(private readonly AskedPage $page)
    {
    }

    #[Route('/cases', name: 'cases', methods: ['GET'])]
    public function ask(Request $request, SavedAskRepository $saved, CaseTable $table, #[CurrentUser] User $who): Response
    {
        $line = Words::of($request->query->getString('q'), self::LONGEST);
        $narrowed = Narrowed::line($line, $request);
        $sort = AskSort::tryFrom($request->query->getString('sort')) ?? AskSort::Newest;
        if ($narrowed !== $line) {
            return $this->redirectToRoute('cases', ['q' => $narrowed] + (AskSort::Newest === $sort ? [] : ['sort' => $sort->value]));
        }
        $isMore = $request->query->has('more');
        $asked = $this->page->ask($line, $sort, max(1, $request->query->getInt('page', 1)), $who, !$isMore);
        if ([] !== $asked->rows && 1 === $asked->count && strtoupper($line) === $asked->rows[0]->number) {
            return $this->redirectToRoute('case', ['number' => $asked->rows[0]->number]);
        }
        if ($isMore) {
            return $this->render('memory/more.html.twig', ['asked' => $asked]);
        }

        return $this->render('memory/cases.html.twig', [
            'asked' => $asked,
            'saved' => $saved->for($who),
            'sorts' => AskSort::cases(),
            'hasSheets' => $table->makesSheets(),
        ], new Response(status: null === $asked->error ? 200 : 422));
    }

    /** What may be tapped instead of typed, for a line; long, and asked for by few. */
    #[Route('/cases/narrow', name: 'ask_narrow', methods: ['GET'], priority: 1)]
    public function narrow(Request $request, AskFilters $filters): Response
    {
        $line = Words::of($request->query->getString('q'), self::LONGEST);

        return $this->render('memory/narrow.html.twig', ['line' => $line, 'filters' => $filters->for($line)]);
    }

    /** What the last word may become, as it is typed. */
    #[Route('/cases/words', name: 'ask_words', methods: ['GET'], priority: 1)]
    public function words(Request $request, Completions $completions): Response
    {
        return $this->render('memory/words.html.twig', [
            'words' => $completions->of(mb_substr($request->query->getString('q'), 0, self::LONGEST)),
        ]);
    }
}
