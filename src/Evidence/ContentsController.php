<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\ContentInput;
use App\Evidence\Repository\ContentCheckRepository;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Japhrex\Core\Family\DutyRating;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Checks the contents of a unit: what the book asks for, and what else is not as it should be. */
final class ContentsController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly Contents $contents,
        private readonly ContentCheckRepository $checks,
        private readonly RateContent $rate,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/contents', name: 'content_check', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function check(string $number, #[MapRequestPayload] ContentInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        foreach ($this->contents->rowsOf($case) as $one) {
            if ($one->content->part === $typed->part && $one->content->what === $typed->what) {
                $check = $one->check ?? new ContentCheck($case, $typed->part, $typed->what);
                ($this->rate)($check, $one->should, $typed->found, $this->rated($typed), $this->person->get());

                return $this->redirectToRoute('parts', ['number' => $number, '_fragment' => 'contents'], Response::HTTP_SEE_OTHER);
            }
        }
        throw new ShopError('The book asks for no such thing.', 404);
    }

    /** Something of an earlier repair that no book asks for: a thicker strut, an extra plate, a smaller planet. */
    #[Route('/cases/{number}/contents/other', name: 'content_other', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function other(string $number, #[MapRequestPayload] ContentInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $rated = $this->rated($typed);
        if (null === $this->shelf->book($case->family, $case->is())->part($typed->part) || '' === $typed->what || null === $rated) {
            throw new ShopError('On which part, what is it, and what is it worth for this duty?', 422);
        }
        $check = $this->checks->findOneBy(['case' => $case, 'part' => $typed->part, 'what' => $typed->what])
            ?? new ContentCheck($case, $typed->part, $typed->what);
        ($this->rate)($check, '', $typed->found, $rated, $this->person->get());

        return $this->redirectToRoute('parts', ['number' => $number, '_fragment' => 'contents'], Response::HTTP_SEE_OTHER);
    }

    private function rated(ContentInput $typed): ?DutyRating
    {
        return 'as-it-should' === $typed->rated
            ? null
            : DutyRating::tryFrom($typed->rated)
                ?? throw new ShopError('Is it as it should be, weaker, as good or better for this duty?', 422);
    }
}
