<?php

declare(strict_types=1);

namespace App\Library;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Library\Repository\SchoolPickRepository;
use App\Platform\Plain;

/** The book as it was, to the letter, and which of two schools was used. */
final readonly class LibrarySnapshot implements SnapshotPart
{
    public function __construct(private BookShelf $shelf, private SchoolPickRepository $picks)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        $text = $this->shelf->text($case->family);

        return [
            'book' => [
                'key' => $case->family,
                'title' => $this->shelf->book($case->family, $case->is())->title,
                'sha256' => hash('sha256', $text),
                'text' => $text,
            ],
            'choices-used' => Plain::all($this->picks->ofCase($case)),
        ];
    }
}
