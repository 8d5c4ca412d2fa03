<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Teardown\StripBench;

/** Gathers what a phone beside the unit shows. */
final readonly class PhoneViews
{
    public function __construct(
        private BookShelf $shelf,
        private StripBench $strip,
        private PhotoRepository $photos,
        private ClipRepository $clips,
    ) {
    }

    /** @param string $asked the key of a part, `-` for the unit as a whole; empty: what comes off next */
    public function of(CaseFile $case, string $asked): PhoneView
    {
        $book = $this->shelf->book($case->family, $case->is());
        $part = $book->part('' === $asked ? $this->strip->run($case, $book)->next()->step->removes[0] ?? '' : $asked);
        $count = $taken = [];
        foreach ($this->photos->ofCase($case) as $photo) {
            $count[$photo->part ?? ''] = ($count[$photo->part ?? ''] ?? 0) + 1;
            if ($photo->part === $part?->key) {
                array_unshift($taken, $photo);
            }
        }
        $order = array_column($book->partsAndNeighbours(), 'key');
        $after = array_search($part?->key, $order, true);

        return new PhoneView(
            $case,
            $book,
            $part,
            $book->part(\is_int($after) ? $order[$after + 1] ?? '' : $order[0] ?? ''),
            $taken,
            $count,
            $this->clips->countOf($case, $part?->key),
        );
    }
}
