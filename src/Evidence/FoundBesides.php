<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;

/** Damage beyond what was complained of, told to whoever complained. */
final readonly class FoundBesides
{
    public function __construct(private BookShelf $shelf, private FindingRepository $findings)
    {
    }

    /** In a sentence; empty: there is none. */
    public function says(CaseFile $case): string
    {
        $book = $this->shelf->book($case->family, $case->is());
        $found = array_map(
            fn (Finding $one): string => \sprintf(
                '%s at the %s',
                lcfirst($this->shelf->modes()->get($one->mode)->name ?? 'damage'),
                lcfirst($book->placeName($one->place())),
            ),
            array_filter($this->findings->damageOf($case), static fn (Finding $one): bool => $one->isBeyond()),
        );

        return [] === $found ? '' : \sprintf('We also found what has nothing to do with your complaint: %s.', implode('; ', $found));
    }
}
