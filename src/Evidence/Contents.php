<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\ContentCheckRepository;
use App\Intake\CaseFile;

/** What must be in this model, and what was found: mixed parts of earlier repairs show here. */
final readonly class Contents
{
    public function __construct(private BookShelf $shelf, private ContentCheckRepository $contentChecks)
    {
    }

    /** @return list<ContentRow> */
    public function rowsOf(CaseFile $case): array
    {
        $checks = [];
        foreach ($this->contentChecks->ofCase($case) as $check) {
            $checks[$check->part.'/'.$check->what] = $check;
        }
        $contents = [];
        foreach ($this->shelf->book($case->family, $case->is())->contents as $content) {
            $contents[] = new ContentRow(
                $content,
                $content->for(trim($case->maker.' '.$case->model)),
                $checks[$content->part.'/'.$content->what] ?? null,
            );
        }

        return $contents;
    }
}
