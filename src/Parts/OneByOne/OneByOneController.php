<?php

declare(strict_types=1);

namespace App\Parts\OneByOne;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Parts\PartPage;
use App\Parts\PartViews;
use App\Platform\ShopError;
use Japhrex\Core\Damage\Disposition;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The parts of a unit one after the other: a tap a grade, a tap a decision, and the next part comes by itself. */
final class OneByOneController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly CasePages $pages,
        private readonly PartViews $parts,
        private readonly PartPage $page,
    ) {
    }

    #[Route('/cases/{number}/one-by-one', name: 'one_by_one', methods: ['GET'])]
    public function show(
        string $number,
        PlausibleDamage $plausible,
        BookShelf $shelf,
        #[MapQueryParameter] string $part = '',
    ): Response {
        $case = $this->gate->find($number);
        $parts = $this->parts->partsOf($case);
        $inHand = isset($parts->views[$part]) ? $part : $parts->nextOpen() ?? array_key_first($parts->ofUnit());

        return $this->pages->show($case, 'parts/one_by_one.html.twig', [
            'parts' => $parts,
            'view' => $parts->views[$inHand],
            'plausible' => $plausible->of($case)[$inHand] ?? [],
            'modes' => $shelf->modes(),
        ]);
    }

    #[Route('/cases/{number}/one-by-one/{part}', name: 'one_by_one_tap', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function tap(
        string $number,
        string $part,
        #[MapRequestPayload] TapInput $typed,
        TapPart $tap,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->page->part($case, $part)->key;
        if (1 === preg_match('/^[0-4]$/', $typed->grade)) {
            $tap->grade($case, $part, (int) $typed->grade, $typed->damage, $person->get());

            return $this->next($case, $part, !$this->isGranted(Permission::ANALYSE));
        }
        $this->denyAccessUnlessGranted(Permission::ANALYSE);
        $disposition = Disposition::tryFrom($typed->disposition)
            ?? throw new ShopError('Tap a grade from 0 to 4, or what becomes of the part.', 422);
        $tap->decide($this->page->record($case, $this->page->part($case, $part)), $disposition);

        return $this->next($case, $part, true);
    }

    /** @param bool $goesOn is that all that is asked of who tapped? */
    private function next(CaseFile $case, string $part, bool $goesOn): Response
    {
        return $this->redirectToRoute('one_by_one', [
            'number' => $case->number,
            'part' => $goesOn ? $this->parts->partsOf($case)->nextToJudge($part, $this->isGranted(Permission::ANALYSE)) ?? $part : $part,
        ], Response::HTTP_SEE_OTHER);
    }
}
