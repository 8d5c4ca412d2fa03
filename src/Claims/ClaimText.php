<?php

declare(strict_types=1);

namespace App\Claims;

use App\Books\BookShelf;
use App\Chain\ChainDrawing;
use App\Chain\ChainStory;
use App\Evidence\Photo;
use App\Parts\PartViews;
use App\Verdict\Signing;
use Twig\Environment;

/** A claim as it goes on paper. */
final readonly class ClaimText
{
    public function __construct(
        private BookShelf $shelf,
        private Claims $claims,
        private Signing $signing,
        private PartViews $parts,
        private ChainDrawing $drawing,
        private ChainStory $story,
        private Environment $twig,
        private string $projectDir,
    ) {
    }

    /**
     * @param list<Photo> $photos that are shown, each beside the HTML as `<id>.jpg`
     *
     * @return string HTML
     */
    public function write(ClaimPapers $papers, array $photos): string
    {
        $claim = $papers->claim;
        $case = $claim->case;
        $for = $this->claims->about($claim);

        return $this->twig->render('claims/pdf.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family, $case->is()),
            'verdict' => $this->signing->current($case),
            'claim' => $claim,
            'for' => $for,
            'judged' => $this->claims->judged($claim),
            'sum' => $this->claims->sum($claim),
            'missing' => $this->claims->missing($claim),
            'parts' => $this->claims->parts($case),
            'views' => $this->parts->partsOf($case),
            'drawing' => $this->drawing->draw($case, about: $for->about()),
            'paths' => $this->story->paths($case, $for->about()),
            'story' => $this->story->tell($case, $for->about()),
            'photos' => $photos,
            'base' => $papers->base,
            'assets' => 'file://'.$this->projectDir.'/assets',
            'made' => $papers->madeAt,
            'bywhom' => $papers->byWhom,
        ]);
    }
}
