<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Books\BookShelf;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\AsFound;

/** What a step asks for before its parts come off, since later nobody can tell. */
final readonly class NeededBefore
{
    public function __construct(private BookShelf $shelf, private TakenPhotos $photos)
    {
    }

    /** @return list<string> what is not there yet, in words */
    public function of(StepRecord $record, StripStep $step): array
    {
        $book = $this->shelf->book($record->case->family, $record->case->is());

        return AsFound::missing(
            $book,
            $step,
            $record->marked,
            $record->facing,
            $this->photos->anyOf($record->case, $step->removes),
        );
    }
}
