<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\ContentCheckRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Family\Content;

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
        $asked = [];
        foreach ($this->shelf->book($case->family, $case->is())->contents as $content) {
            $asked[$content->part.'/'.$content->what] = true;
            $contents[] = new ContentRow(
                $content,
                $content->for(trim($case->maker.' '.$case->model)),
                $checks[$content->part.'/'.$content->what] ?? null,
            );
        }

        // What somebody told besides.
        foreach (array_diff_key($checks, $asked) as $check) {
            $contents[] = new ContentRow(new Content($check->part, $check->what, []), '', $check);
        }

        return $contents;
    }
}
