<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\User;
use App\Intake\CaseGate;
use App\Intake\Frame\CaseFrames;
use App\Intake\Frame\CasePages;
use App\Parts\PartViews;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final class FloorController extends AbstractController
{
    #[Route('/', name: 'floor', methods: ['GET'])]
    public function floor(Request $request, FloorView $view, #[CurrentUser] User $who): Response
    {
        // The address of a question, as it was kept before questions had a page.
        if ($request->query->has('q')) {
            return $this->redirectToRoute('cases', ['q' => $request->query->getString('q')]);
        }

        return $this->render('shop/floor.html.twig', $view->gather($who));
    }

    /** A case by its number alone leads to what waits there for who asks, or else to where its work stands. */
    #[Route('/cases/{number}', name: 'case', methods: ['GET'])]
    public function case(string $number, CaseGate $gate, CaseFrames $frames): Response
    {
        $case = $gate->find($number);
        $frame = $frames->frameOf($case);

        return $this->redirectToRoute($frame->nextFor($this->isGranted(...))->key ?? $frame->stands(), ['number' => $case->number]);
    }

    /** The next thing that waits for who asks, anywhere in the case, after what is in hand; nothing there: on the floor. */
    #[Route('/cases/{number}/next', name: 'case_next', methods: ['GET'])]
    public function next(string $number, Request $request, CaseGate $gate, CaseFrames $frames, PartViews $parts): Response
    {
        $case = $gate->find($number);
        $inHand = (string) $request->query->get('part', '');
        $stop = $frames->frameOf($case)->nextFor($this->isGranted(...));
        if (null === $stop) {
            return $this->redirectToRoute('floor');
        }
        $part = 'parts' === $stop->key || '' !== $inHand ? $parts->partsOf($case)->nextOpen('' === $inHand ? null : $inHand) : null;

        return null !== $part && !$case->isSigned()
            ? $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part])
            : $this->redirectToRoute($stop->key, ['number' => $case->number]);
    }

    /** Every change of a case: who, when, what before and after. */
    #[Route('/cases/{number}/history', name: 'history', methods: ['GET'])]
    public function history(string $number, Request $request, CaseGate $gate, History $history, CasePages $pages): Response
    {
        $case = $gate->find($number);
        $page = max(1, $request->query->getInt('page', 1));

        return $pages->show($case, 'shop/history.html.twig', [
            'entries' => $history->page($case, $page),
            'steps' => 1 === $page ? $history->steps($case) : [],
            'page' => $page,
            'most' => History::MOST,
        ]);
    }

    /** The empty page that the benchmark compares with. */
    #[Route('/empty', name: 'empty', methods: ['GET'])]
    public function nothing(): Response
    {
        return new Response('', 200, ['Content-Type' => 'text/plain']);
    }
}
