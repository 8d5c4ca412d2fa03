<?php

declare(strict_types=1);

namespace App\Identity;

use App\Books\BookShelf;
use App\Identity\Repository\FittedNumberRepository;
use App\Identity\Repository\InquiryRepository;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use Symfony\Component\HttpFoundation\Response;

/** The page on which a unit is told from others. */
final readonly class IdentityPage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private Telling $telling,
        private InquiryRepository $inquiries,
        private FittedNumberRepository $numbers,
    ) {
    }

    /**
     * @param array<string, string> $typed what was typed of a feature and not kept
     * @param array<string, string> $wrong why
     */
    public function show(CaseFile $case, array $typed = [], array $wrong = []): Response
    {
        return $this->pages->show($case, 'identity/show.html.twig', [
            'told' => $this->telling->of($case),
            'typed' => $typed,
            'wrong' => $wrong,
            // Of the whole family: what one variant lacks another has.
            'choices' => $this->shelf->book($case->family)->identity->choices,
            'inquiries' => $this->inquiries->ofCase($case),
            'numbers' => $this->numbers->ofCase($case),
            'fitted' => $this->numbers->ofLikeUnits($case),
        ], [] === $wrong ? 200 : 422);
    }
}
